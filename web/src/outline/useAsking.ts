import { useMemo, useState } from "react";
import { usePreference } from "../people/preferences";
import type { Asking } from "./asking";

/**
 * What a person looks for in an outline. The questions are remembered with the person; what was typed is not, since a
 * word looked for last week would only hide the rows of today.
 */
export function useAsking(name: string): readonly [Asking, (asking: Asking) => void] {
  const [text, setText] = useState("");
  const [asked, setAsked] = usePreference<readonly string[]>(`${name}-asked`, []);
  const asking = useMemo(() => ({ text, asked: new Set(asked) }), [text, asked]);
  return [
    asking,
    (next) => {
      setText(next.text);
      setAsked(() => [...next.asked]);
    },
  ];
}
