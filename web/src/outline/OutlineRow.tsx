import type { ReactNode } from "react";
import { FoldMark } from "../shared/marks";
import { indent } from "./geometry";
import type { Row } from "./rows";

/** One row: its spine, its mark for folding, its cells, the first of them the text. */
export function OutlineRow(props: {
  readonly row: Row;
  /** From 0, among the rows that are seen. */
  readonly index: number;
  readonly top: number;
  readonly chosen: boolean;
  readonly at: boolean;
  /** The ancestor whose line is thick. */
  readonly thick: string | null;
  readonly cells: readonly ReactNode[];
}) {
  const { row, chosen } = props;
  const [text, ...others] = props.cells;
  return (
    <div
      id={rowId(row.id)}
      className={`outline-row${chosen ? " selected" : ""}${props.at ? " at" : ""}`}
      role="row"
      data-index={props.index}
      aria-level={row.level}
      aria-posinset={row.position}
      aria-setsize={row.siblings}
      aria-rowindex={props.index + 2}
      aria-selected={chosen}
      aria-expanded={row.subpages > 0 ? !row.folded : undefined}
      style={{ top: props.top }}
    >
      {row.spine.map(
        (ancestor, depth) =>
          ancestor !== null && (
            <span
              key={ancestor}
              className={ancestor === props.thick ? "spine thick" : "spine"}
              style={{ insetInlineStart: indent(depth + 1) - 12 }}
            />
          ),
      )}
      <div role="gridcell" className="text" style={{ paddingInlineStart: indent(row.level) }}>
        {row.subpages > 0 && (
          <span className="fold" style={{ insetInlineStart: indent(row.level) - 16 }}>
            <FoldMark folded={row.folded} />
          </span>
        )}
        {text}
      </div>
      {others.map((cell, column) => (
        <div key={column} role="gridcell">
          {cell}
        </div>
      ))}
    </div>
  );
}

export function rowId(id: string): string {
  return `row-${id}`;
}
