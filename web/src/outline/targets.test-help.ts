import { childrenOf, type PageTree } from "../working-copy/tree";
import type { Target } from "./drop";
import type { Move } from "./moves";

/** Where a pointer lets a row go to do what a move by key does, which can be made. */
export function targetOf(
  tree: Pick<PageTree, "children">,
  above: (id: string) => string | null,
  row: string,
  move: Move,
): Target {
  const parent = above(row);
  const siblings = childrenOf(tree, parent);
  const at = siblings.indexOf(row);
  const after = (place: string | null, sibling: string | undefined): Target => ({
    kind: "between",
    parent: place,
    after: sibling ?? null,
    level: 1,
    index: 0,
  });
  switch (move) {
    case "up":
      return after(parent, siblings[at - 2]);
    case "down":
      return after(parent, siblings[at + 1]);
    case "first":
      return after(parent, undefined);
    case "last":
      return after(parent, siblings.at(-1));
    case "in":
      return { kind: "into", parent: siblings[at - 1] ?? "", index: 0 };
    case "out":
      return after(above(parent ?? ""), parent ?? "");
  }
}
