import { useRef } from "react";

/**
 * Runs pieces of work one after another, in the order they were asked for: keys come faster than answers, and each piece
 * has to go by what the ones before it left. One that fails does not hold up the next.
 */
export function useTurns(): <T>(work: () => Promise<T>) => Promise<T> {
  const last = useRef<Promise<unknown>>(Promise.resolve());
  return (work) => {
    const turn = last.current.then(work);
    last.current = turn.catch(() => {});
    return turn;
  };
}
