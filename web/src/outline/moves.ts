import type { PlaceDto } from "../api/client";
import type { Keys } from "../shell/keys";
import { childrenOf, endOf, type PageTree, parentOf } from "../working-copy/tree";

/** The moves that buttons and keys share; first and last are among the siblings. */
export type Move = "up" | "down" | "in" | "out" | "first" | "last";

const ARROWS: Readonly<Record<string, Move>> = {
  ArrowUp: "up",
  ArrowDown: "down",
  ArrowRight: "in",
  ArrowLeft: "out",
  Home: "first",
  End: "last",
};

/** The keys that move, held with Ctrl and Shift. */
export function moveKeys(onMove: (move: Move) => void): Keys {
  return Object.fromEntries(
    Object.entries(ARROWS).map(([arrow, move]) => [`Ctrl+Shift+${arrow}`, () => onMove(move)]),
  );
}

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

/** The one of several rows that a move goes by. */
export function goesBy<T>(rows: readonly T[], move: Move): T | undefined {
  return move === "down" || move === "last" ? rows.at(-1) : rows[0];
}

/**
 * Where a move takes rows, as one block; null where they cannot go further. Down and last go by the last of them, all
 * others by the first.
 */
export function placeAfterMove(tree: PageTree, rows: readonly string[], move: Move): PlaceDto | null {
  const row = goesBy(rows, move);
  if (row === undefined) return null;
  const parent = parentOf(tree, row);
  const { before, after } = neighbours(childrenOf(tree, parent), row, rows);
  switch (move) {
    case "up":
      return before.length > 0 ? { parent, after: before.at(-2) ?? null } : null;
    case "down":
      return after[0] === undefined ? null : { parent, after: after[0] };
    case "first":
      return before.length > 0 ? { parent, after: null } : null;
    case "last":
      return after.length > 0 ? { parent, after: after.at(-1) ?? null } : null;
    case "in": {
      const above = before.at(-1);
      return above === undefined ? null : endOf(tree, above);
    }
    case "out":
      return parent === null ? null : { parent: parentOf(tree, parent), after: parent };
  }
}
