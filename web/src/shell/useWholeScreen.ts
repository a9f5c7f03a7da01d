import { type RefObject, useEffect, useState } from "react";
import { lettersAct } from "./keys";

/** Whether the window has the whole screen. Escape or W gives it back, and the outline has the focus again. */
export function useWholeScreen(
  gridRef: RefObject<HTMLElement | null>,
): readonly [boolean, (whole: boolean) => void] {
  const [whole, setWhole] = useState(false);

  // At first, and again when the window gives the screen back.
  useEffect(() => {
    if (!whole) gridRef.current?.focus({ preventScroll: true });
  }, [whole, gridRef]);

  // While the window has the whole screen, the outline and its keys are out of sight. The browser takes the focus from
  // what is hidden only when it paints next; a key pressed before that would still go to the outline, and stop there.
  useEffect(() => {
    if (!whole) return;
    gridRef.current?.blur();
    const back = (event: KeyboardEvent) => {
      if (event.key === "Escape" || (event.key.toLowerCase() === "w" && lettersAct())) setWhole(false);
    };
    document.addEventListener("keydown", back);
    return () => document.removeEventListener("keydown", back);
  }, [whole, gridRef]);

  return [whole, setWhole];
}
