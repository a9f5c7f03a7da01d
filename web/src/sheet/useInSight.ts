import { defaultRangeExtractor, useVirtualizer } from "@tanstack/react-virtual";
import { type RefObject, useEffect, useRef } from "react";
import { useRowHeight } from "../shared/density";
import { COLUMN, FIRST, HEAD } from "./geometry";

/** Which rows and columns are drawn; those of the cell that keys act from always are, and it is brought into sight. */
export function useInSight(
  gridRef: RefObject<HTMLDivElement | null>,
  [row, column]: readonly [number, number],
  rows: number,
  columns: number,
) {
  const height = useRowHeight();
  const down = useVirtualizer({
    count: rows,
    getScrollElement: () => gridRef.current,
    estimateSize: () => height,
    overscan: 6,
    scrollMargin: HEAD,
    scrollPaddingStart: HEAD,
    rangeExtractor: (drawn) => [...new Set([...defaultRangeExtractor(drawn), row])].sort((a, b) => a - b),
  });
  const across = useVirtualizer({
    horizontal: true,
    count: columns,
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
  // Values and not the virtualizers, which stay the same objects: whoever draws by them would be taken for unchanged.
  return {
    rows: down.getVirtualItems(),
    height: down.getTotalSize(),
    columns: across.getVirtualItems(),
    width: across.getTotalSize(),
  };
}
