import type { MenuDto } from "../api/client";
import type { Row } from "../outline/rows";
import { TitleField } from "../outline/TitleField";
import { FoldMark, ReachMark } from "../shared/marks";
import type { Result } from "../working-copy/store";
import type { Page } from "../working-copy/tree";
import { type Cells, isIn, type Range, type Spot, type Standing, wordsOf } from "./cells";
import { COLUMN, FIRST } from "./geometry";

export type Column = { readonly menu: MenuDto; readonly index: number; readonly left: number };

/** A page and its cells: one for each menu in sight. */
export function SheetRow(props: {
  readonly row: Row;
  readonly page: Page;
  readonly index: number;
  readonly top: number;
  readonly columns: readonly Column[];
  readonly cells: Cells;
  readonly range: Range;
  readonly labelling: boolean;
  readonly onLabel: (spot: Spot, label: string) => Promise<Result>;
  readonly onLeave: () => void;
}) {
  const { row, index, range } = props;
  const { title } = props.page;
  const isAt = index === range.at[0];
  return (
    <div
      className={isAt ? "sheet-row at" : "sheet-row"}
      role="row"
      aria-rowindex={index + 2}
      style={{ top: props.top }}
    >
      <div
        role="rowheader"
        aria-colindex={1}
        className="page"
        data-row={index}
        data-column={-1}
        style={{ width: FIRST, paddingInlineStart: 24 + (row.level - 1) * 22 }}
        title={title}
      >
        {row.subpages > 0 && (
          <span className="fold">
            <FoldMark folded={row.folded} />
          </span>
        )}
        <ReachMark page={props.page} />
        <span>{title}</span>
      </div>
      {props.columns.map(({ menu, index: column, left }) => {
        const standing = props.cells.get(menu.id)?.get(row.id);
        const chosen = isIn(range, index, column);
        const here = isAt && column === range.at[1];
        return (
          <div
            key={menu.id}
            id={`spot-${index}-${column}`}
            role="gridcell"
            aria-colindex={column + 2}
            aria-selected={chosen}
            aria-label={`${title} in ${menu.name}: ${standing ? spoken(standing) : "not there"}`}
            className={`spot${standing ? " placed" : ""}${chosen ? " chosen" : ""}${here ? " here" : ""}`}
            data-row={index}
            data-column={column}
            style={{ left, width: COLUMN }}
          >
            {here && props.labelling ? (
              <TitleField
                label={`Label of ${title} in ${menu.name}`}
                initial={standing?.row.ownLabel ?? ""}
                placeholder={title}
                onKeep={(label) => props.onLabel({ page: row.id, menu: menu.id }, label)}
                onLeave={props.onLeave}
              />
            ) : (
              standing && (
                <>
                  <span className={standing.row.absence ? "mark unseen-by-visitors" : "mark"} />
                  <span title={standing.row.absence ?? undefined}>{wordsOf(standing)}</span>
                </>
              )
            )}
          </div>
        );
      })}
    </div>
  );
}

function spoken(standing: Standing): string {
  const { absence } = standing.row;
  return ["added", wordsOf(standing), absence].filter(Boolean).join(", ");
}
