import type { KeyboardEvent, RefObject } from "react";
import type { MenuDto } from "../api/client";
import type { Row } from "../outline/rows";
import type { Result } from "../working-copy/store";
import { type PageTree, pageOf } from "../working-copy/tree";
import { afterKey, type Cells, type Range, type Spot } from "./cells";
import { FIRST, HEAD } from "./geometry";
import { SheetHead } from "./SheetHead";
import { type Column, SheetRow } from "./SheetRow";
import { useInSight } from "./useInSight";
import { usePresses } from "./usePresses";

/** Pages down, menus across, only those in sight drawn; one stop for Tab, keys go from cell to cell. */
export function SheetGrid(props: {
  readonly tree: PageTree;
  readonly rows: readonly Row[];
  readonly menus: readonly MenuDto[];
  readonly cells: Cells;
  readonly range: Range;
  /** Whether the label of the cell is being typed. */
  readonly labelling: boolean;
  readonly gridRef: RefObject<HTMLDivElement | null>;
  readonly onRange: (range: Range) => void;
  readonly onToggle: () => void;
  readonly onFold: (page: string, folded: boolean) => void;
  readonly onLabel: (spot: Spot, label: string) => Promise<Result>;
  readonly onLabelling: (on: boolean) => void;
}) {
  const { tree, rows, menus, range, gridRef } = props;
  const [row, column] = range.at;
  const drawn = useInSight(gridRef, range.at, rows.length, menus.length);
  const presses = usePresses(props);
  const columns: Column[] = drawn.columns.flatMap((item) => {
    const menu = menus[item.index];
    return menu ? [{ menu, index: item.index, left: item.start }] : [];
  });
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.target !== event.currentTarget || event.ctrlKey || event.metaKey || event.altKey) return;
    const next = afterKey(range, event.key, event.shiftKey, rows.length, menus.length);
    const act = next
      ? () => props.onRange(next)
      : { " ": props.onToggle, Enter: () => props.onLabelling(true) }[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  };
  const width = FIRST + drawn.width;
  return (
    <div
      className="sheet-grid"
      role="grid"
      aria-label="Pages and menus"
      aria-rowcount={rows.length + 1}
      aria-colcount={menus.length + 1}
      aria-multiselectable
      aria-activedescendant={`spot-${row}-${column}`}
      tabIndex={0}
      ref={gridRef}
      onKeyDown={onKeyDown}
      {...presses}
    >
      <SheetHead pages={tree.pages.size} columns={columns} width={width} />
      <div role="rowgroup" className="sheet-body" style={{ height: drawn.height, width }}>
        {drawn.rows.map((item) => {
          const shown = rows[item.index];
          return (
            shown && (
              <SheetRow
                key={shown.id}
                row={shown}
                page={pageOf(tree, shown.id)}
                index={item.index}
                top={item.start - HEAD}
                columns={columns}
                cells={props.cells}
                range={range}
                labelling={props.labelling && item.index === row}
                onLabel={props.onLabel}
                onLeave={() => {
                  props.onLabelling(false);
                  gridRef.current?.focus({ preventScroll: true });
                }}
              />
            )
          );
        })}
      </div>
    </div>
  );
}
