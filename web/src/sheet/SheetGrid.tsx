import { defaultRangeExtractor, useVirtualizer } from "@tanstack/react-virtual";
import { type KeyboardEvent, type MouseEvent, type RefObject, useEffect, useRef } from "react";
import type { MenuDto } from "../api/client";
import { ZONE_WORDS } from "../menus/words";
import type { Row } from "../outline/rows";
import { TitleField } from "../outline/TitleField";
import { counted } from "../shared/counted";
import { FoldMark, ReachMark } from "../shared/marks";
import { sizes } from "../shared/tokens";
import type { Result } from "../working-copy/store";
import { type Page, type PageTree, pageOf } from "../working-copy/tree";
import { ZoneDrawing } from "../zones/ZoneDrawing";
import { afterKey, type Cells, isIn, type Range, type Spot, type Standing, wordsOf } from "./cells";

/** Pixels: the column of pages, one of a menu, and the row of their names. */
const FIRST = window.matchMedia("(max-width: 700px)").matches ? 160 : 284;
const COLUMN = 142;
const HEAD = 46;

type Column = { readonly menu: MenuDto; readonly index: number; readonly left: number };

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
  const { tree, rows, menus, cells, range, gridRef } = props;
  const [row, column] = range.at;
  const down = useVirtualizer({
    count: rows.length,
    getScrollElement: () => gridRef.current,
    estimateSize: () => sizes.row,
    overscan: 6,
    scrollMargin: HEAD,
    scrollPaddingStart: HEAD,
    rangeExtractor: (drawn) => [...new Set([...defaultRangeExtractor(drawn), row])].sort((a, b) => a - b),
  });
  const across = useVirtualizer({
    horizontal: true,
    count: menus.length,
    getScrollElement: () => gridRef.current,
    estimateSize: () => COLUMN,
    overscan: 2,
    scrollMargin: FIRST,
    scrollPaddingStart: FIRST,
    rangeExtractor: (drawn) => [...new Set([...defaultRangeExtractor(drawn), column])].sort((a, b) => a - b),
  });
  const scrollTo = useRef((_row: number, _column: number) => {});
  useEffect(() => {
    scrollTo.current = (toRow, toColumn) => {
      down.scrollToIndex(toRow, { align: "auto" });
      across.scrollToIndex(toColumn, { align: "auto" });
    };
  });
  useEffect(() => scrollTo.current(row, column), [row, column]);

  const dragging = useRef(false);
  const columns: Column[] = across.getVirtualItems().flatMap((item) => {
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
  const onMouseDown = (event: MouseEvent) => {
    if (!(event.target instanceof Element) || event.target.closest("input")) return;
    event.preventDefault();
    gridRef.current?.focus({ preventScroll: true });
    const at = spotOf(event.target);
    if (!at) return;
    const page = rows[at[0]];
    if (page && event.target.closest(".fold")) return props.onFold(page.id, !page.folded);
    if (at[1] < 0) return;
    dragging.current = true;
    props.onRange({ from: event.shiftKey ? range.from : at, at });
  };
  /** A press that goes on over other cells takes all from the first. */
  const onMouseMove = (event: MouseEvent) => {
    dragging.current &&= event.buttons === 1;
    const at = dragging.current && event.target instanceof Element ? spotOf(event.target) : null;
    if (at && at[1] >= 0 && (at[0] !== row || at[1] !== column)) props.onRange({ from: range.from, at });
  };
  const onDoubleClick = (event: MouseEvent) => {
    if (event.target instanceof Element && event.target.closest("[data-column]:not([data-column='-1'])"))
      props.onToggle();
  };
  const width = FIRST + across.getTotalSize();
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
      onMouseDown={onMouseDown}
      onMouseMove={onMouseMove}
      onDoubleClick={onDoubleClick}
    >
      <div className="sheet-row names" role="row" aria-rowindex={1} style={{ width, height: HEAD }}>
        <div role="columnheader" aria-colindex={1} className="page" style={{ width: FIRST }}>
          {counted(tree.pages.size, "# page", "# pages")}
        </div>
        {columns.map(({ menu, index, left }) => (
          <div
            key={menu.id}
            role="columnheader"
            aria-colindex={index + 2}
            className="spot"
            style={{ left, width: COLUMN }}
            title={menu.name}
          >
            <b>
              {menu.zones[0] && !menu.setAside && <ZoneDrawing zone={menu.zones[0]} />}
              <span>{menu.name}</span>
            </b>
            <span>
              {standsIn(menu)} · {menu.items}
            </span>
          </div>
        ))}
      </div>
      <div role="rowgroup" className="sheet-body" style={{ height: down.getTotalSize(), width }}>
        {down.getVirtualItems().map((item) => {
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
                cells={cells}
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

/** The row and column, from 0, of the cell that an element is in; column -1 is the page itself. */
function spotOf(element: Element): readonly [row: number, column: number] | null {
  const cell = element.closest<HTMLElement>("[data-row]");
  return cell && [Number(cell.dataset.row), Number(cell.dataset.column)];
}

function standsIn(menu: MenuDto): string {
  if (menu.setAside) return "set aside";
  return menu.zones.length === 0
    ? "stands nowhere"
    : menu.zones.map((zone) => ZONE_WORDS[zone].toLowerCase()).join(", ");
}

function SheetRow(props: {
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
  return ["placed", wordsOf(standing), absence].filter(Boolean).join(", ");
}
