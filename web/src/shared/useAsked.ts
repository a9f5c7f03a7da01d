import { dequal } from "dequal";
import { useState } from "react";

/** Milliseconds until what the screen has by then is shown, where it is not what was taken: somebody else went on. */
const LINGER = 10_000;

/**
 * A value that is set as a whole, part by part: what was asked for shows at once, so that the next part goes on from it
 * though the answer is still on its way. What was taken shows on until the screen has it too, however late it is drawn:
 * a field that went away in between would close the list one has just opened in it. What is refused is as it was.
 *
 * @param send whether it was taken; it is told how the value was asked for too
 */
export function useAsked<T, How extends readonly unknown[] = []>(
  value: T,
  send: (next: T, ...how: How) => Promise<boolean>,
): readonly [T, (next: T, ...how: How) => Promise<boolean>] {
  const [asked, setAsked] = useState<{ readonly value: T; readonly taken: boolean } | null>(null);
  const ask = async (next: T, ...how: How) => {
    const mine = { value: next, taken: false };
    setAsked(mine);
    const taken = await send(next, ...how);
    const kept = taken ? { value: next, taken } : null;
    setAsked((now) => (now === mine ? kept : now));
    if (taken) setTimeout(() => setAsked((now) => (now === kept ? null : now)), LINGER);
    return taken;
  };
  const drawn = asked?.taken === true && dequal(asked.value, value);
  if (drawn) setAsked(null);
  return [asked === null || drawn ? value : asked.value, ask];
}
