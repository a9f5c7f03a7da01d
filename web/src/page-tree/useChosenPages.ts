import { useEffect, useRef, useState } from "react";
import { type Choice, only, present } from "../outline/choice";
import { childrenOf, type PageTree, parentOf } from "../working-copy/tree";

/**
 * Which pages are chosen, as far as they are still there. Where none is, however it went, the nearest page is: an undo
 * finds the choice as it was.
 */
export function useChosenPages(tree: PageTree, asked: string | null) {
  // Not read back from the address: the router updates it later than the next key may come.
  const [last, choose] = useState(only(asked));
  /** The tree in which what was chosen last stood at the end. */
  const before = useRef(tree);
  useEffect(() => {
    if (last.at !== null && tree.pages.has(last.at)) before.current = tree;
  }, [tree, last]);
  const there = (id: string) => (tree.pages.has(id) ? id : undefined);
  const choice: Choice = present(last, there, null);
  if (choice.at !== null) return { choice, choose };
  return { choice: only(nearest(before.current, tree, last.at)), choose };
}

/**
 * The page that stands nearest to where another was: its first subpage where these moved up, else the next one beside
 * it, the one before it, or what it was under. Home, where none of those is left.
 */
export function nearest(before: PageTree, now: PageTree, page: string | null): string | null {
  if (page === null || !before.pages.has(page)) return now.home;
  const parent = parentOf(before, page);
  const beside = childrenOf(before, parent);
  const at = beside.indexOf(page);
  const near = [...childrenOf(before, page), ...beside.slice(at + 1), ...beside.slice(0, at).reverse()];
  const found = near.find((each) => now.pages.has(each));
  if (found) return found;
  return parent !== null && now.pages.has(parent) ? parent : nearest(before, now, parent);
}
