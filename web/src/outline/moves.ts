import type { PlaceDto } from "../api/client";
import { childrenOf, endOf, type PageTree, parentOf } from "../working-copy/tree";

/** The four moves that buttons and keys share. */
export type Move = "up" | "down" | "in" | "out";

/** The arrow keys that move, held with Ctrl and Shift. */
export const ARROWS: Readonly<Record<string, Move>> = {
  ArrowUp: "up",
  ArrowDown: "down",
  ArrowRight: "in",
  ArrowLeft: "out",
};

/** Where a move takes a row; null where it cannot go further. */
export function placeAfterMove(tree: PageTree, id: string, move: Move): PlaceDto | null {
  const parent = parentOf(tree, id);
  const siblings = childrenOf(tree, parent);
  const at = siblings.indexOf(id);
  switch (move) {
    case "up":
      return at > 0 ? { parent, after: siblings[at - 2] ?? null } : null;
    case "down":
      return at < siblings.length - 1 ? { parent, after: siblings[at + 1] ?? null } : null;
    case "in": {
      const above = siblings[at - 1];
      return above === undefined ? null : endOf(tree, above);
    }
    case "out":
      return parent === null ? null : { parent: parentOf(tree, parent), after: parent };
  }
}
