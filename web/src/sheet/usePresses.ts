import { type MouseEvent, type RefObject, useRef } from "react";
import type { Row } from "../outline/rows";
import type { Range } from "./cells";

/** A press takes a cell, one that goes on over other cells all from the first; two presses place or take out. */
export function usePresses(at: {
  readonly gridRef: RefObject<HTMLDivElement | null>;
  readonly rows: readonly Row[];
  readonly range: Range;
  readonly onRange: (range: Range) => void;
  readonly onToggle: () => void;
  readonly onFold: (page: string, folded: boolean) => void;
}) {
  const { range, onRange } = at;
  const [row, column] = range.at;
  const dragging = useRef(false);
  return {
    onMouseDown: (event: MouseEvent) => {
      if (!(event.target instanceof Element) || event.target.closest("input")) return;
      event.preventDefault();
      at.gridRef.current?.focus({ preventScroll: true });
      const spot = spotOf(event.target);
      if (!spot) return;
      const page = at.rows[spot[0]];
      if (page && event.target.closest(".fold")) return at.onFold(page.id, !page.folded);
      if (spot[1] < 0) return;
      dragging.current = true;
      onRange({ from: event.shiftKey ? range.from : spot, at: spot });
    },
    onMouseMove: (event: MouseEvent) => {
      dragging.current &&= event.buttons === 1;
      const spot = dragging.current && event.target instanceof Element ? spotOf(event.target) : null;
      if (spot && spot[1] >= 0 && (spot[0] !== row || spot[1] !== column))
        onRange({ from: range.from, at: spot });
    },
    onDoubleClick: (event: MouseEvent) => {
      if (event.target instanceof Element && event.target.closest("[data-column]:not([data-column='-1'])"))
        at.onToggle();
    },
  };
}

/** The row and column, from 0, of the cell that an element is in; column -1 is the page itself. */
function spotOf(element: Element): readonly [row: number, column: number] | null {
  const cell = element.closest<HTMLElement>("[data-row]");
  return cell && [Number(cell.dataset.row), Number(cell.dataset.column)];
}
