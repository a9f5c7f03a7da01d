import type { ChangeDto } from "../api/client";
import { neighbours } from "../outline/moves";
import { childrenOf, type PageTree, parentOf } from "../working-copy/tree";

/** Puts a new page in the place of the first of some pages, and them under it, as one edit; none for no pages. */
export function wrapping(tree: PageTree, pages: readonly string[], id: string, title: string): ChangeDto[] {
  const first = pages[0];
  if (first === undefined) return [];
  const parent = parentOf(tree, first);
  const { before } = neighbours(childrenOf(tree, parent), first, pages);
  return [
    {
      kind: "addPages",
      pages: [{ id, place: { parent, after: before.at(-1) ?? null }, title, reach: null }],
    },
    { kind: "movePages", pages: [...pages], place: { parent: id, after: null } },
  ];
}
