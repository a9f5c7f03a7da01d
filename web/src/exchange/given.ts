import { useSyncExternalStore } from "react";

let files: readonly File[] = [];
const listeners = new Set<() => void>();

/** Files to read in, wherever in Velnik they were dropped. */
export const given = {
  set: (next: readonly File[]) => {
    files = next;
    for (const listener of listeners) listener();
  },
};

function subscribe(listener: () => void) {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

export const useGiven = () => useSyncExternalStore(subscribe, () => files);
