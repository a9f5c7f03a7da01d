import { type ReactNode, useDeferredValue } from "react";

/**
 * Draws an edit's effect on what is inside a moment later, so that the rows it moved are painted first.
 *
 * @param of what the inside is about; it is drawn at once where that is something else
 */
export function Later({ of, children }: { readonly of?: string | null; readonly children: ReactNode }) {
  const late = useDeferredValue({ of, children });
  return late.of === of ? late.children : children;
}
