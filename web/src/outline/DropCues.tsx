import { type RefObject, useEffect, useReducer, useRef } from "react";
import { api } from "../api/client";
import { ifKnown, useAnswer } from "../shared/answer";
import { useRowHeight } from "../shared/density";
import { newId } from "../shared/ids";
import { type Drag, type Load, onDrop, useDrag } from "./drag";
import { type Target, targetAt, type Verdict } from "./drop";
import { HEAD, INDENT, indent } from "./geometry";
import type { Row } from "./rows";

/** Pixels from the edge of the outline within which a drag scrolls it, and how fast at most, in pixels a frame. */
const EDGE = 40;
const FASTEST = 14;
/** Milliseconds that a drag rests over a folded row before it unfolds. */
const UNFOLD_AFTER = 650;
/** Milliseconds that a drag rests at a place before the server is asked what would become of it. */
const ASK_AFTER = 120;

type Props = {
  readonly gridRef: RefObject<HTMLDivElement | null>;
  readonly rows: readonly Row[];
  readonly revision: number;
  readonly judge: (load: Load, target: Target) => Verdict;
  readonly onDrop: (load: Load, target: Target) => void;
  readonly onUnfold: (id: string) => void;
};

/** While rows are dragged over an outline: where they would go, and in words what would become of it. */
export function DropCues(props: Props) {
  const drag = useDrag();
  return drag && <Cues {...props} drag={drag} />;
}

function Cues(props: Props & { readonly drag: Drag }) {
  const { gridRef, rows, drag } = props;
  const [, scrolled] = useReducer((times: number) => times + 1, 0);
  useEdgeScrolling(gridRef, drag, scrolled);
  const row = useRowHeight();
  const target = targetOf(gridRef.current, rows, drag, row);
  const verdict = target && props.judge(drag.load, target);
  const allowed = verdict?.kind === "allowed";

  useEffect(() => {
    if (!target || !allowed) return;
    onDrop(() => props.onDrop(drag.load, target));
    return () => onDrop(null);
  });
  const folded = target?.kind === "into" && rows[target.index]?.folded ? target.parent : null;
  const unfold = useRef(props.onUnfold);
  useEffect(() => {
    unfold.current = props.onUnfold;
  });
  useEffect(() => {
    if (folded === null) return;
    const waiting = setTimeout(() => unfold.current(folded), UNFOLD_AFTER);
    return () => clearTimeout(waiting);
  }, [folded]);

  return (
    <>
      {target && verdict && <Cue target={target} row={row} refused={!allowed} />}
      <Note drag={drag} verdict={verdict} revision={props.revision} />
    </>
  );
}

/** The line between rows at its level, or the box around the row to nest in. */
function Cue({
  target,
  row,
  refused,
}: {
  readonly target: Target;
  readonly row: number;
  readonly refused: boolean;
}) {
  const top = target.index * row;
  const className = `drop-cue ${target.kind}${refused ? " refused" : ""}`;
  return target.kind === "into" ? (
    <div className={className} style={{ top, height: row }} />
  ) : (
    <div className={className} style={{ top, insetInlineStart: indent(target.level) }} />
  );
}

/** Beside the pointer: what is dragged, where it would go, and what would become of it. */
function Note(props: { readonly drag: Drag; readonly verdict: Verdict | null; readonly revision: number }) {
  const { drag, verdict } = props;
  const changes = verdict?.kind === "allowed" ? verdict.changes : [];
  const what = JSON.stringify(changes);
  const would = useAnswer(
    ["would", what],
    props.revision,
    (signal) => api.would(newId(), props.revision, changes, signal),
    { enabled: changes.length > 0, rest: ASK_AFTER },
  );
  const refusal =
    verdict?.kind === "refused"
      ? verdict.words
      : changes.length > 0 &&
        (would.status === "failed" ? would.sentence : (ifKnown(would)?.refused ?? null));
  return (
    <div
      className="drag-note"
      style={{
        insetInlineStart: Math.min(drag.x + 16, window.innerWidth - 300),
        top: Math.min(drag.y + 18, window.innerHeight - 180),
      }}
    >
      <b>{drag.load.name}</b>
      {refusal ? (
        <p className="problem">{refusal}</p>
      ) : verdict ? (
        <>
          <p>{verdict.words}</p>
          {changes.length > 0 && would.status === "asking" && <p className="hint">…</p>}
          {changes.length > 0 &&
            ifKnown(would)
              ?.told.slice(1)
              .map((sentence) => <p key={sentence}>{sentence}</p>)}
        </>
      ) : (
        <p>Nothing happens here.</p>
      )}
    </div>
  );
}

/** @param row pixels of a row */
function targetOf(grid: HTMLElement | null, rows: readonly Row[], drag: Drag, row: number): Target | null {
  if (!grid) return null;
  const at = grid.getBoundingClientRect();
  const inside = drag.x >= at.left && drag.x <= at.right && drag.y >= at.top && drag.y <= at.bottom;
  if (!inside) return null;
  const y = (drag.y - at.top - HEAD + grid.scrollTop) / row;
  // Rows keep their level until they are moved sideways; pages from elsewhere get the level they are held over.
  const sideways =
    drag.load.from === "rows"
      ? Math.round((drag.x - drag.fromX) / INDENT)
      : Math.floor((drag.x - at.left - indent(1)) / INDENT);
  return targetAt(rows, y, drag.load.level + sideways);
}

/** Scrolls while the pointer is near an edge, and tells of every scrolling, since another row is under the pointer then. */
function useEdgeScrolling(gridRef: RefObject<HTMLElement | null>, drag: Drag, scrolled: () => void) {
  const pointer = useRef(drag);
  pointer.current = drag;
  useEffect(() => {
    const grid = gridRef.current;
    if (!grid) return;
    grid.addEventListener("scroll", scrolled);
    let frame = requestAnimationFrame(function step() {
      const { x, y } = pointer.current;
      const at = grid.getBoundingClientRect();
      if (x >= at.left && x <= at.right) {
        const above = at.top + HEAD + EDGE - y;
        const below = y - (at.bottom - EDGE);
        const by = above > 0 && y >= at.top ? -above : below > 0 && y <= at.bottom ? below : 0;
        if (by !== 0) grid.scrollTop += (by / EDGE) * FASTEST;
      }
      frame = requestAnimationFrame(step);
    });
    return () => {
      cancelAnimationFrame(frame);
      grid.removeEventListener("scroll", scrolled);
    };
  }, [gridRef, scrolled]);
}
