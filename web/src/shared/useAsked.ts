import { useState } from "react";

/** Milliseconds that what was taken shows on, until the screen has it too: cards are drawn after what is beside them. */
const LINGER = 1_000;

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
  const ask = async (next: T) => {
    const mine = { value: next };
    setAsked(mine);
    const taken = await send(next);
    if (taken) setTimeout(() => setAsked((now) => (now === mine ? null : now)), LINGER);
    else setAsked(null);
    return taken;
  };
  return [asked === null ? value : asked.value, ask];
}
