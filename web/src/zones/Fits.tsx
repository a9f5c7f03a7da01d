import { Button, Slider } from "antd";
import { useState } from "react";
import { api, type FitDto, type PlacedDto, type ZonesDto } from "../api/client";
import { ZONE_WORDS } from "../menus/words";
import { useAnswer } from "../shared/answer";
import { Problem } from "../shared/Problem";
import { NotYet } from "../shell/NotYet";
import type { WorkingCopyStore } from "../working-copy/store";
import { FitDrawing } from "./FitDrawing";
import { altered, standings, withPart } from "./says";
import { useSaying } from "./useZones";

const LEAST = 320;
const MOST = 1920;

/** Milliseconds that the slider has to rest before the server is asked. */
const REST = 60;

/** Where the rows of a page's menus have room in one line, drawn to scale at any width, and what would give it them. */
export function Fits(props: {
  readonly store: WorkingCopyStore;
  readonly revision: number;
  readonly table: ZonesDto;
  /** The page in the window. */
  readonly page: string;
  readonly title: string;
}) {
  const { revision, page, title } = props;
  const [width, setWidth] = useState(1024);
  const answer = useAnswer(["fit", page], `${revision} ${width}`, (signal) => api.fit(page, width, signal), {
    rest: REST,
    atOnce: true,
  });
  if (answer.status !== "known") return <NotYet answer={answer} what="how its rows fit" />;
  if (answer.value.length === 0) {
    return (
      <p className="fits hint">No menu stands across on {title}, so none can be too long for one line.</p>
    );
  }
  return (
    <section className="fits" aria-label={`How rows fit on ${title}`}>
      <h3>How rows fit on {title}</h3>
      <div className="fit-width">
        <Slider
          min={LEAST}
          max={MOST}
          value={width}
          onChange={setWidth}
          tooltip={{ open: false }}
          ariaLabelForHandle="Width of the screen"
          ariaValueTextFormatterForHandle={(at) => `${at} px`}
        />
        <span>
          Screen {width} px wide <span className="hint">without a scroll bar</span>
        </span>
      </div>
      {answer.value.map((fit) => (
        <RowFit key={`${fit.zone} ${fit.menu}`} {...props} fit={fit} onWidth={setWidth} />
      ))}
    </section>
  );
}

function RowFit(props: {
  readonly store: WorkingCopyStore;
  readonly table: ZonesDto;
  readonly fit: FitDto;
  readonly onWidth: (width: number) => void;
}) {
  const { table, fit, onWidth } = props;
  const say = useSaying(props.store);
  const [problem, setProblem] = useState<string | null>(null);
  const all = standings(table, fit.menu).filter(({ zone }) => zone === fit.zone);
  /** Where several exceptions say that it stands there, it is not clear for which pages something is to be set. */
  const standing = all.length === 1 ? all[0] : undefined;
  return (
    <article className="row-fit" aria-label={`${fit.name} in ${ZONE_WORDS[fit.zone]}`}>
      <h4>
        {ZONE_WORDS[fit.zone]}: {fit.name}
      </h4>
      <p>
        {fit.holds} <span className="hint">{fit.about}</span>
      </p>
      <div className="fit-at">
        {fit.at.map(({ width, state, says }) => (
          <button
            type="button"
            key={width}
            className={state === "HOLDS" || state === "AWAY" ? "" : "is-long"}
            aria-pressed={width === fit.shown.width}
            title={says}
            onClick={() => onWidth(width)}
          >
            <b>{width}</b> {state === "AWAY" && fit.zone === "HEADER" ? "drawer" : BRIEFLY[state]}
          </button>
        ))}
      </div>
      <FitDrawing shown={fit.shown} />
      <p role="status">
        {fit.shown.width} px: {fit.shown.says}.
      </p>
      {fit.adjustments.length > 0 && (
        <>
          <p className="hint">What would help there:</p>
          <ul className="adjustments">
            {fit.adjustments.map(({ kind, holds, says }) => {
              const part = PLACED[kind];
              return (
                <li key={kind}>
                  {says}
                  {holds && part && standing && (
                    <Button
                      size="small"
                      aria-label={`Set it for ${standing.name}: ${says}`}
                      onClick={() =>
                        void say(fit.zone, standing.scope, (now) =>
                          withPart(now, standing.part, (there) => altered(there, fit.menu, part)),
                        ).then((result) => setProblem(result.ok ? null : result.sentence))
                      }
                    >
                      Set it for {standing.name}
                    </Button>
                  )}
                </li>
              );
            })}
          </ul>
        </>
      )}
      <Problem sentence={problem} />
    </article>
  );
}

const BRIEFLY: Readonly<Record<FitDto["shown"]["state"], string>> = {
  HOLDS: "one line",
  WRAPS: "wraps",
  MORE: "“More”",
  FOLDED: "button",
  AWAY: "not shown",
};

/** What is set of a menu in its zone, where that helps. */
const PLACED: Partial<Record<FitDto["adjustments"][number]["kind"], Partial<PlacedDto>>> = {
  FULL_WIDTH: { width: "FULL" },
  TIGHT_GAP: { gap: "TIGHT" },
  SMALL_TYPE: { size: "SMALL" },
  TIGHT_AND_SMALL: { gap: "TIGHT", size: "SMALL" },
  MORE: { overflow: "MORE" },
  FOLD: { overflow: "FOLD" },
};
