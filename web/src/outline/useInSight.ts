import { type RefObject, useEffect, useEffectEvent, useRef } from "react";
import { useRowHeight } from "../shared/density";
import { HEAD } from "./geometry";

/**
 * Brings a row into sight when it becomes another, and keeps it there when the outline gets lower, as it does where the
 * filter wraps. Whoever scrolled away from the row stays where they are.
 *
 * @param target index of the row; below 0 for none
 * @param height of the outline
 */
export function useInSight(
  grid: RefObject<HTMLElement | null>,
  target: number,
  height: number,
  scrollTo: (index: number) => void,
): void {
  const row = useRowHeight();
  const before = useRef(height);
  const show = useEffectEvent(() => {
    if (target >= 0) scrollTo(target);
  });
  const wasInSight = useEffectEvent((seen: number) => {
    const end = HEAD + (target + 1) * row - (grid.current?.scrollTop ?? 0);
    return end > 0 && end <= seen;
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: when it becomes another row
  useEffect(() => show(), [target]);
  useEffect(() => {
    if (height < before.current && wasInSight(before.current)) show();
    before.current = height;
  }, [height]);
}
