import { useRef, useState } from "react";

/**
 * A value that is set as a whole, part by part: what was asked for shows at once, so that the next part goes on from it
 * though the answer is still on its way. What is refused is as it was.
 *
 * @param send whether it was taken
 */
export function useAsked<T>(
  value: T,
  send: (next: T) => Promise<boolean>,
): readonly [T, (next: T) => Promise<boolean>] {
  const [asked, setAsked] = useState<{ readonly value: T } | null>(null);
  const onTheirWay = useRef(0);
  const ask = async (next: T) => {
    setAsked({ value: next });
    onTheirWay.current++;
    const taken = await send(next);
    onTheirWay.current--;
    if (!taken || onTheirWay.current === 0) setAsked(null);
    return taken;
  };
  return [asked === null ? value : asked.value, ask];
}
