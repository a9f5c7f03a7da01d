import { Button, Tooltip } from "antd";
import { type ReactNode, useEffect, useState } from "react";
import { WholeIcon } from "../shared/icons";
import { Problem } from "../shared/Problem";
import { addressOf, type PageTree } from "../working-copy/tree";
import { AsOf } from "./AsOf";
import type { As } from "./addresses";
import { Drawn } from "./Drawn";
import { LiveBeside, type Looking, NOTHING } from "./LiveBeside";
import { LookOf } from "./LookOf";
import { PageInPreview } from "./PageInPreview";
import { remembered } from "./remembered";
import { type Pointed, useFrame } from "./useFrame";
import { useSize } from "./useSize";
import { WidthChoice } from "./WidthChoice";
import { type Across, leftToSee, nextSize, type Size, scaleAt, WIDTHS, type Width } from "./widths";
import "./window.css";

const SHOWS: Readonly<Record<Size, string>> = {
  readable: "Show it large enough to read",
  overview: "Show the whole width",
  true: "Show it at its true size",
};

const percentOf = (scale: number) => `${Math.round(scale * 100)} %`;

/** The visitor site as it would be: laid out at the width of a screen, scaled to fit, and never lying about it. */
export function WindowPane(props: {
  readonly tree: PageTree;
  readonly page: string;
  /** Says which state of the site, at which time, is to be shown. */
  readonly moment: string;
  readonly path: readonly string[];
  readonly whole: boolean;
  /** What is selected in the editor; it is marked, with its submenu opened. */
  readonly pointed: Pointed | null;
  /** What a menu or item is called, for the line above the window. */
  readonly nameOf?: (pointed: Pointed) => string | null;
  readonly onWhole: (whole: boolean) => void;
  /** The owner followed a link in the window. */
  readonly onVisit: (page: string) => void;
  /** The owner pointed at a menu or an item to edit it. */
  readonly onPoint: (pointed: Pointed) => void;
}) {
  const [width, setWidth] = useState(remembered.width);
  const [drawn, setDrawn] = useState(remembered.size);
  const [choosing, setChoosing] = useState(false);
  const [as, setAs] = useState(remembered.as);
  useEffect(() => {
    Object.assign(remembered, { width, size: drawn, as });
  }, [width, drawn, as]);
  const [ground, size] = useSize();
  /** On the whole screen what is live stands beside the working copy, elsewhere in its place. */
  const beside = props.whole && as.live;
  const looking: Looking = {
    page: props.page,
    address: addressOf(props.tree, props.page),
    moment: props.moment,
    as: { ...as, live: as.live && !beside },
    onVisit: props.onVisit,
    onSearch: () => [...props.tree.pages.values()].find((page) => page.kind === "SEARCH")?.id ?? null,
    onSigned: (member) => setAs({ ...as, member }),
  };
  const { ref: frameRef, ...frame } = useFrame({
    ...looking,
    pointed: props.pointed ?? NOTHING,
    choosing,
    onChoose: (pointed) => {
      setChoosing(false);
      props.onPoint(pointed);
    },
    onKey: (key) => {
      if (key === "Escape" && props.whole) props.onWhole(false);
    },
    onAt: (at) => bringIntoSight(frameRef.current?.closest(".ground"), at, scale),
  });
  const said = frame.outside
    ? `That link leaves the site: ${frame.outside}`
    : ((frame.over && props.nameOf?.(frame.over)) ?? null);
  const laidOut = WIDTHS[width];
  const room = beside ? size.width / 2 - BETWEEN : size.width;
  const fit = Math.min(1, room / laidOut);
  const scale = beside ? fit : scaleAt(drawn, fit);
  const drawing = { laidOut, scale, width: room, height: size.height };
  return (
    <section className="window" aria-label="What visitors see">
      <WindowBar
        {...{ width, setWidth, setDrawn, fit, choosing, setChoosing, as, setAs }}
        drawn={beside ? null : drawn}
        said={
          said === null ? (
            <PageInPreview
              tree={props.tree}
              page={props.page}
              path={props.path.join(" › ")}
              onPage={props.onVisit}
            />
          ) : (
            <span className="path" title={said}>
              {said}
            </span>
          )
        }
        whole={props.whole}
        onWhole={props.onWhole}
      />
      <div
        className={`ground ${scale > fit ? "cut" : ""} ${beside ? "pair" : ""}`}
        ref={ground}
        // What scrolls can be scrolled by keys too.
        {...(scale > fit && { role: "group", "aria-label": "The page, as far as it is seen", tabIndex: 0 })}
      >
        {beside && <LiveBeside looking={looking} drawing={drawing} />}
        <div>
          <Problem sentence={frame.problem} />
          {frame.source && (
            <Drawn
              key={frame.key}
              {...drawing}
              frameRef={frameRef}
              title="The visitor site"
              source={frame.source}
            />
          )}
        </div>
      </div>
    </section>
  );
}

/** Pixels between two pages, halved. */
const BETWEEN = 5;

/** How the site is looked at: the width, the scale, the day, as whom. */
function WindowBar(props: {
  readonly width: Width;
  readonly setWidth: (width: Width) => void;
  /** Null where it is drawn in no other size than fits. */
  readonly drawn: Size | null;
  readonly setDrawn: (size: Size) => void;
  /** The scale at which the whole width is seen. */
  readonly fit: number;
  readonly choosing: boolean;
  readonly setChoosing: (on: boolean) => void;
  readonly as: As;
  readonly setAs: (as: As) => void;
  /** Which page it is, or what is under the pointer. */
  readonly said: ReactNode;
  readonly whole: boolean;
  readonly onWhole: (whole: boolean) => void;
}) {
  const { drawn, fit, choosing, as, setAs, said, whole } = props;
  const percent = percentOf(scaleAt(drawn ?? "overview", fit));
  const next = drawn && nextSize(drawn, fit);
  return (
    <div className="window-bar">
      <WidthChoice small width={props.width} onWidth={props.setWidth} />
      {next === null ? (
        <span className="scale">{percent}</span>
      ) : (
        <Tooltip title={`${SHOWS[next]} (${percentOf(scaleAt(next, fit))})`}>
          <Button
            type="text"
            size="small"
            className="scale"
            aria-label={`${percent}. ${SHOWS[next]}`}
            onClick={() => props.setDrawn(next)}
          >
            {percent}
          </Button>
        </Tooltip>
      )}
      <Tooltip
        // Once it is pressed, nothing covers what is to be picked.
        title={
          choosing ? "" : "Then click a menu or an item in the page to edit it (Alt+click does the same)"
        }
      >
        <Button
          type="text"
          size="small"
          aria-pressed={choosing}
          className={choosing ? "on" : ""}
          onClick={() => props.setChoosing(!choosing)}
        >
          Pick on the page
        </Button>
      </Tooltip>
      <AsOf as={as} onAs={setAs} />
      <Tooltip title="See it as a member does">
        <Button
          type="text"
          size="small"
          aria-label="As a member"
          aria-pressed={as.member}
          className={as.member ? "on" : ""}
          onClick={() => setAs({ ...as, member: !as.member })}
        >
          Member
        </Button>
      </Tooltip>
      <Tooltip title="See what visitors get now; on the whole screen beside what they would get">
        <Button
          type="text"
          size="small"
          aria-pressed={as.live}
          className={as.live ? "on" : ""}
          onClick={() => setAs({ ...as, live: !as.live })}
        >
          Live
        </Button>
      </Tooltip>
      <LookOf look={as.look} onLook={(look) => setAs({ ...as, look })} />
      {said}
      <Tooltip title={whole ? "Back to the desk (W)" : "The whole screen (W)"}>
        <Button
          type="text"
          size="small"
          aria-label={whole ? "Back to the desk" : "The preview at full size"}
          aria-pressed={whole}
          onClick={() => props.onWhole(!whole)}
        >
          {whole ? "Back" : <WholeIcon />}
        </Button>
      </Tooltip>
    </div>
  );
}

/** Scrolls sideways to what is selected, unless it is in sight. */
function bringIntoSight(ground: Element | null | undefined, at: Across, scale: number): void {
  if (!ground) return;
  const seen = { left: ground.scrollLeft, right: ground.scrollLeft + ground.clientWidth };
  ground.scrollLeft = leftToSee({ left: at.left * scale, right: at.right * scale }, seen);
}
