import { defaultRangeExtractor, type Range, useVirtualizer } from "@tanstack/react-virtual";
import type { CSSProperties, KeyboardEvent, MouseEvent, PointerEvent, ReactNode, RefObject } from "react";
import { FoldMark } from "../shared/marks";
import { sizes } from "../shared/tokens";
import { type Choice, goingTo, only, ticked, upTo } from "./choice";
import { type Load, press } from "./drag";
import { HEAD, indent } from "./geometry";
import type { Row } from "./rows";
import { useInSight } from "./useInSight";
import "./outline.css";

/** Rows drawn beyond what is seen, so that scrolling meets no gap. */
const BEYOND = 6;

/** A row that is not in the tree yet, such as the add line, shown among the others. */
export type ExtraRow = { readonly after: number; readonly level: number; readonly content: ReactNode };

/**
 * Rows of a tree on a drawn spine, as an ARIA tree grid: one stop for Tab, the selected row told by
 * aria-activedescendant. Only rows in sight are drawn.
 */
export function Outline(props: {
  readonly label: string;
  readonly columns: readonly string[];
  /** Of all columns but the first, which never gets too narrow to be read. */
  readonly widths: readonly string[];
  readonly rows: readonly Row[];
  readonly choice: Choice;
  readonly gridRef: RefObject<HTMLDivElement | null>;
  readonly extra: ExtraRow | null;
  readonly onChoose: (choice: Choice) => void;
  /** Whether a press on a row ticks it, as Ctrl and a press does. */
  readonly ticking: boolean;
  /** What a drag that begins on a row takes along; null where it may not be dragged. */
  readonly load: (id: string) => Load | null;
  /** What shows where a drag over it would go. */
  readonly cues: ReactNode;
  readonly onEdit: (id: string) => void;
  readonly onFold: (id: string, folded: boolean) => void;
  readonly onKey: (event: KeyboardEvent) => void;
  /** The cells of a row, the first of them the text. */
  readonly cells: (row: Row) => readonly ReactNode[];
}) {
  const { rows, choice, extra, gridRef } = props;
  const selected = choice.at;
  const selectedAt = rows.findIndex((row) => row.id === selected);
  const selectedRow = rows[selectedAt];
  const count = rows.length + (extra ? 1 : 0);
  const indexOf = (row: number) => (extra && row > extra.after ? row + 1 : row);

  const virtual = useVirtualizer({
    count,
    getScrollElement: () => gridRef.current,
    estimateSize: () => sizes.row,
    overscan: BEYOND,
    scrollMargin: HEAD,
    scrollPaddingStart: HEAD,
    rangeExtractor: (range: Range) => {
      const drawn = defaultRangeExtractor(range);
      const keep = [selectedAt < 0 ? -1 : indexOf(selectedAt), extra ? extra.after + 1 : -1];
      return [...new Set([...drawn, ...keep.filter((index) => index >= 0 && index < count)])].sort(
        (a, b) => a - b,
      );
    },
  });

  const target = selectedAt < 0 ? -1 : indexOf(selectedAt);
  useInSight(gridRef, target, virtual.scrollRect?.height ?? 0, (index) =>
    virtual.scrollToIndex(index, { align: "auto" }),
  );

  const onKeyDown = (event: KeyboardEvent) => {
    if (event.target !== event.currentTarget) return;
    const select = (row: Row | undefined) => {
      event.preventDefault();
      if (row) props.onChoose(only(row.id));
    };
    const plain = !event.ctrlKey && !event.shiftKey && !event.altKey && !event.metaKey;
    const more = choosing(event, choice, rows);
    if (more) {
      event.preventDefault();
      return props.onChoose(more);
    }
    if (plain) {
      switch (event.key) {
        case "ArrowDown":
          return select(rows[selectedAt + 1] ?? rows.at(-1));
        case "ArrowUp":
          return select(rows[Math.max(selectedAt - 1, 0)]);
        case "Home":
          return select(rows[0]);
        case "End":
          return select(rows.at(-1));
        case "ArrowRight":
          event.preventDefault();
          if (selectedRow?.folded) props.onFold(selectedRow.id, false);
          else if (selectedRow && selectedRow.subpages > 0) select(rows[selectedAt + 1]);
          return;
        case "ArrowLeft":
          event.preventDefault();
          if (selectedRow && selectedRow.subpages > 0 && !selectedRow.folded)
            props.onFold(selectedRow.id, true);
          else if (selectedRow)
            select(rows.slice(0, selectedAt).findLast((row) => row.level < selectedRow.level));
          return;
        case "Enter":
          event.preventDefault();
          if (selectedRow) props.onEdit(selectedRow.id);
          return;
      }
    }
    props.onKey(event);
  };

  const rowUnder = ({ target }: { readonly target: EventTarget }): Row | undefined => {
    const at =
      target instanceof Element ? target.closest<HTMLElement>("[data-index]")?.dataset.index : undefined;
    return at === undefined ? undefined : rows[Number(at)];
  };
  const isOn = ({ target }: { readonly target: EventTarget }, what: string) =>
    target instanceof Element && target.closest(what) !== null;
  /** A press on a mark folds; on a field it is the field's; anywhere else on a row it chooses, and may become a drag. */
  const onPointerDown = (event: PointerEvent) => {
    const row = rowUnder(event);
    if (row && !isOn(event, "input, .fold")) press(event, () => props.load(row.id));
  };
  const onMouseDown = (event: MouseEvent) => {
    const row = rowUnder(event);
    if (!row || isOn(event, "input")) return;
    event.preventDefault();
    if (isOn(event, ".fold")) return props.onFold(row.id, !row.folded);
    gridRef.current?.focus({ preventScroll: true });
    if (event.shiftKey) props.onChoose(upTo(choice, ids(rows), row.id));
    else if (event.ctrlKey || event.metaKey || props.ticking) props.onChoose(ticked(choice, row.id));
    else if (!choice.rows.has(row.id)) props.onChoose(only(row.id));
  };
  const onClick = (event: MouseEvent) => {
    // Only now, since a press on one of several may be the beginning of a drag of them all.
    const row = rowUnder(event);
    const plain = !event.shiftKey && !event.ctrlKey && !event.metaKey && !props.ticking;
    if (row && plain && choice.rows.size > 1 && !isOn(event, "input, .fold")) props.onChoose(only(row.id));
  };

  const spineOfSelected = selectedRow?.spine.at(-1) ?? null;
  return (
    <div
      className="outline"
      style={columnWidths(props.widths)}
      role="treegrid"
      aria-label={props.label}
      aria-rowcount={rows.length + 1}
      aria-multiselectable
      aria-activedescendant={selectedRow ? rowId(selectedRow.id) : undefined}
      tabIndex={0}
      ref={gridRef}
      onKeyDown={onKeyDown}
    >
      <div className="outline-row columns" role="row" aria-rowindex={1}>
        {props.columns.map((column) => (
          <div key={column} role="columnheader">
            {column}
          </div>
        ))}
      </div>
      {/* biome-ignore lint/a11y/useKeyWithClickEvents: the grid hears the keys of all its rows */}
      <div
        role="rowgroup"
        className="outline-body"
        style={{ height: virtual.getTotalSize() }}
        onPointerDown={onPointerDown}
        onMouseDown={onMouseDown}
        onClick={onClick}
        onDoubleClick={(event) => {
          const row = rowUnder(event);
          if (row && !isOn(event, "input, .fold")) props.onEdit(row.id);
        }}
      >
        {virtual.getVirtualItems().map((item) => {
          const style = { top: item.start - HEAD };
          if (extra && item.index === extra.after + 1) {
            return (
              <div key="extra" className="outline-row extra" role="row" style={style}>
                <div role="gridcell" className="text" style={{ paddingInlineStart: indent(extra.level) }}>
                  {extra.content}
                </div>
              </div>
            );
          }
          const at = extra && item.index > extra.after ? item.index - 1 : item.index;
          const row = rows[at];
          return (
            row && (
              <OutlineRow
                key={row.id}
                row={row}
                index={at}
                top={style.top}
                chosen={choice.rows.has(row.id)}
                at={row.id === selected}
                thick={at <= selectedAt ? spineOfSelected : null}
                cells={props.cells(row)}
              />
            )
          );
        })}
        {props.cues}
      </div>
    </div>
  );
}

function ids(rows: readonly Row[]): string[] {
  return rows.map((row) => row.id);
}

/** What a key makes of the choice: Shift takes more, Ctrl goes on without choosing, Ctrl+Space ticks. */
function choosing(event: KeyboardEvent, choice: Choice, rows: readonly Row[]): Choice | null {
  if (event.altKey || event.metaKey || (event.ctrlKey && event.shiftKey)) return null;
  const at = rows.findIndex((row) => row.id === choice.at);
  const next = { ArrowDown: rows[at + 1], ArrowUp: rows[at - 1] }[event.key];
  if (next && event.shiftKey) return upTo(choice, ids(rows), next.id);
  if (next && event.ctrlKey) return goingTo(choice, next.id);
  if (event.ctrlKey && event.key === " " && choice.at !== null) return ticked(choice, choice.at);
  if (event.ctrlKey && event.key.toLowerCase() === "a") {
    return { at: choice.at, from: choice.from, rows: new Set(ids(rows)) };
  }
  return null;
}

/** One row: its spine, its mark for folding, its cells, the first of them the text. */
function OutlineRow(props: {
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

/** The widths as a custom property, which the rows lay themselves out by. */
function columnWidths(widths: readonly string[]): CSSProperties {
  const property: `--${string}` = "--columns";
  return { [property]: ["minmax(min(180px, 45%), 50fr)", ...widths].join(" ") };
}

export function rowId(id: string): string {
  return `row-${id}`;
}
