import { useState } from "react";

/** Which rows of an outline are folded. */
export function useFolding() {
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set());
  return {
    folded,
    fold: (id: string, fold: boolean) => {
      const next = new Set(folded);
      if (fold) next.add(id);
      else next.delete(id);
      setFolded(next);
    },
    unfold: (id: string | null) => {
      if (id !== null && folded.has(id)) setFolded(new Set([...folded].filter((other) => other !== id)));
    },
    /** Unfolds everything, or folds these where nothing is folded. */
    toggleAll: (ids: Iterable<string>) => setFolded(folded.size > 0 ? new Set() : new Set(ids)),
  };
}
