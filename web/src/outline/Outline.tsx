import { defaultRangeExtractor, type Range, useVirtualizer } from "@tanstack/react-virtual";
import type { CSSProperties, KeyboardEvent, ReactNode, RefObject } from "react";
import { useRowHeight } from "../shared/density";
import { actionOf, type Keys } from "../shell/keys";
import type { Choice } from "./choice";
import type { Load } from "./drag";
import { HEAD, indent } from "./geometry";
import { OutlineRow, rowId } from "./OutlineRow";
import { outlineKeys } from "./outlineKeys";
import { pressesOn } from "./presses";
import type { Row } from "./rows";
import { useInSight } from "./useInSight";
import "./outline.css";

/** Rows drawn beyond what is seen, so that scrolling meets no gap. */
const BEYOND = 6;

/** A row that is not in the tree yet, such as the add line, shown among the others. */
export type ExtraRow = { readonly after: number; readonly level: number; readonly content: ReactNode };

type Props = {
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
  /** What keys do beyond going through the rows. */
  readonly keys: Keys;
  /** The cells of a row, the first of them the text. */
  readonly cells: (row: Row) => readonly ReactNode[];
};

/**
 * Rows of a tree on a drawn spine, as an ARIA tree grid: one stop for Tab, the selected row told by
 * aria-activedescendant. Only rows in sight are drawn.
 */
export function Outline(props: Props) {
  const { rows, choice, gridRef } = props;
  const selectedAt = rows.findIndex((row) => row.id === choice.at);
  const selected = rows[selectedAt];
  // Here and not with the rows, whose effects run before the grid that scrolls them is known.
  const drawn = useDrawn({ ...props, selectedAt });
  const focus = () => gridRef.current?.focus({ preventScroll: true });
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.target !== event.currentTarget) return;
    const act = actionOf({ ...props.keys, ...outlineKeys(props) }, event);
    if (!act) return;
    event.preventDefault();
    event.stopPropagation(); // the key has acted; what it opened must not hear it too
    act();
  };
  return (
    <div
      className="outline"
      style={columnWidths(props.widths)}
      role="treegrid"
      aria-label={props.label}
      aria-rowcount={rows.length + 1}
      aria-multiselectable
      aria-activedescendant={selected ? rowId(selected.id) : undefined}
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
      <Rows {...props} selectedAt={selectedAt} drawn={drawn} presses={pressesOn({ ...props, focus })} />
    </div>
  );
}

/** The rows in sight, the selected one and the extra one, each where it belongs. */
function Rows(
  props: Props & {
    readonly selectedAt: number;
    readonly drawn: ReturnType<typeof useDrawn>;
    readonly presses: ReturnType<typeof pressesOn>;
  },
) {
  const { rows, choice, extra, selectedAt } = props;
  const thick = rows[selectedAt]?.spine.at(-1) ?? null;
  return (
    <div role="rowgroup" className="outline-body" style={{ height: props.drawn.height }} {...props.presses}>
      {props.drawn.items.map((item) => {
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
              at={row.id === choice.at}
              thick={at <= selectedAt ? thick : null}
              cells={props.cells(row)}
            />
          )
        );
      })}
      {props.cues}
    </div>
  );
}

/** Which of the rows are drawn; the selected one and the extra one always are, and they are kept in sight. */
function useDrawn({ rows, extra, gridRef, selectedAt }: Props & { readonly selectedAt: number }) {
  const count = rows.length + (extra ? 1 : 0);
  const indexOf = (row: number) => (extra && row > extra.after ? row + 1 : row);
  const target = selectedAt < 0 ? -1 : indexOf(selectedAt);
  const extraAt = extra ? extra.after + 1 : -1;
  const height = useRowHeight();
  const virtual = useVirtualizer({
    count,
    getScrollElement: () => gridRef.current,
    estimateSize: () => height,
    overscan: BEYOND,
    scrollMargin: HEAD,
    scrollPaddingStart: HEAD,
    rangeExtractor: (range: Range) => {
      const keep = [target, extraAt].filter((index) => index >= 0 && index < count);
      return [...new Set([...defaultRangeExtractor(range), ...keep])].sort((a, b) => a - b);
    },
  });
  const seen = virtual.scrollRect?.height ?? 0;
  const scrollTo = (index: number) => virtual.scrollToIndex(index, { align: "auto" });
  useInSight(gridRef, target, seen, scrollTo);
  useInSight(gridRef, extraAt, seen, scrollTo);
  // Values and not the virtualizer, which stays the same object: whoever draws by it would be taken for unchanged.
  return { items: virtual.getVirtualItems(), height: virtual.getTotalSize() };
}

/** The widths as a custom property, which the rows lay themselves out by. */
function columnWidths(widths: readonly string[]): CSSProperties {
  const property: `--${string}` = "--columns";
  return { [property]: ["minmax(min(180px, 45%), 50fr)", ...widths].join(" ") };
}
