import { useMemo } from "react";
import { usePreference } from "../people/preferences";

export type Folding = {
  readonly folded: ReadonlySet<string>;
  readonly fold: (id: string, fold: boolean) => void;
  readonly unfold: (id: string | null) => void;
  /** Folds exactly these. */
  readonly foldOnly: (ids: Iterable<string>) => void;
};

/** Which rows of an outline are folded; each person finds them again as they left them. */
export function useFolding(outline: "pages" | "menus" | "sheet"): Folding {
  const [ids, setIds] = usePreference<readonly string[]>(`${outline}-folded`, []);
  const folded = useMemo(() => new Set(ids), [ids]);
  const without = (now: readonly string[], id: string) => now.filter((other) => other !== id);
  return {
    folded,
    fold: (id, fold) => setIds((now) => (fold ? [...without(now, id), id] : without(now, id))),
    unfold: (id) => {
      if (id !== null && folded.has(id)) setIds((now) => without(now, id));
    },
    foldOnly: (ids) => setIds(() => [...ids]),
  };
}
