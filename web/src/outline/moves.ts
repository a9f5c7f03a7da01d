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

type Children = Pick<PageTree, "children">;

/** These rows in reading order, without those that stand beneath another of them. */
export function outermost(tree: Children, ids: ReadonlySet<string>): string[] {
  const found: string[] = [];
  const walk = (parent: string | null) => {
    for (const id of childrenOf(tree, parent)) {
      if (ids.has(id)) found.push(id);
      else if (found.length < ids.size) walk(id);
    }
  };
  walk(null);
  return found;
}

/** The siblings of a row that are not themselves on the move, before it and after it. */
export function neighbours(siblings: readonly string[], row: string, moving: readonly string[]) {
  const stays = (id: string) => !moving.includes(id);
  const at = siblings.indexOf(row);
  return { before: siblings.slice(0, at).filter(stays), after: siblings.slice(at + 1).filter(stays) };
}

/**
 * Where a move takes rows, as one block; null where they cannot go further. Up and in go by the first of them, down by
 * the last.
 */
export function placeAfterMove(tree: PageTree, rows: readonly string[], move: Move): PlaceDto | null {
  const row = move === "down" ? rows.at(-1) : rows[0];
  if (row === undefined) return null;
  const parent = parentOf(tree, row);
  const { before, after } = neighbours(childrenOf(tree, parent), row, rows);
  switch (move) {
    case "up":
      return before.length > 0 ? { parent, after: before.at(-2) ?? null } : null;
    case "down":
      return after[0] === undefined ? null : { parent, after: after[0] };
    case "in": {
      const above = before.at(-1);
      return above === undefined ? null : endOf(tree, above);
    }
    case "out":
      return parent === null ? null : { parent: parentOf(tree, parent), after: parent };
  }
}
