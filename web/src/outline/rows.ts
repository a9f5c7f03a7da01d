import { childrenOf, type PageTree } from "../working-copy/tree";

/** A row of the outline as it is seen: folded branches yield their first row only. */
export type Row = {
  readonly id: string;
  /** From 1. */
  readonly level: number;
  /** From 1, among its siblings. */
  readonly position: number;
  readonly siblings: number;
  readonly subpages: number;
  readonly folded: boolean;
  /** The rows above it that its spine passes: an id where the line goes on past this row, null where it does not. */
  readonly spine: readonly (string | null)[];
};

/** @param only the rows to show, whatever is folded; all where there is none */
export function rowsOf(
  tree: Pick<PageTree, "children">,
  folded: ReadonlySet<string>,
  only: ReadonlySet<string> | null = null,
): Row[] {
  const rows: Row[] = [];
  const shown = (parent: string | null) => {
    const ids = childrenOf(tree, parent);
    return only ? ids.filter((id) => only.has(id)) : ids;
  };
  const add = (parent: string | null, level: number, spine: readonly (string | null)[]) => {
    const ids = shown(parent);
    ids.forEach((id, index) => {
      const subpages = shown(id).length;
      const isFolded = subpages > 0 && only === null && folded.has(id);
      const own = parent === null ? spine : [...spine, parent];
      rows.push({
        id,
        level,
        position: index + 1,
        siblings: ids.length,
        subpages,
        folded: isFolded,
        spine: own,
      });
      if (subpages > 0 && !isFolded) {
        const isLast = index === ids.length - 1;
        add(id, level + 1, parent === null ? spine : [...spine, isLast ? null : parent]);
      }
    });
  };
  add(null, 1, []);
  return rows;
}

/** The rows to fold so that only so many levels are seen; unfolding one of them shows all that is under it. */
export function foldedTo(tree: Pick<PageTree, "children">, levels: number): string[] {
  const found: string[] = [];
  const walk = (parent: string | null, level: number) => {
    for (const id of childrenOf(tree, parent)) {
      if (childrenOf(tree, id).length === 0) continue;
      if (level === levels) found.push(id);
      else walk(id, level + 1);
    }
  };
  walk(null, 1);
  return found;
}

/** How many levels a tree has. */
export function levelsOf(tree: Pick<PageTree, "children">, parent: string | null = null): number {
  return childrenOf(tree, parent).reduce((most, id) => Math.max(most, 1 + levelsOf(tree, id)), 0);
}

/** Rows with all the rows above them, so that each stands where it is found. */
export function withPaths(above: (id: string) => string | null, ids: Iterable<string>): ReadonlySet<string> {
  const all = new Set<string>();
  for (const id of ids) {
    for (let at: string | null = id; at !== null && !all.has(at); at = above(at)) all.add(at);
  }
  return all;
}

/** The row to go to once others are gone: the next that is not beneath them, or the one before them. */
export function beside(rows: readonly Row[], gone: ReadonlySet<string>): string | null {
  const first = rows.findIndex((row) => gone.has(row.id));
  let under = Number.POSITIVE_INFINITY;
  for (const row of rows.slice(Math.max(first, 0))) {
    if (gone.has(row.id)) under = Math.min(under, row.level);
    else if (row.level <= under) return row.id;
  }
  return rows[first - 1]?.id ?? null;
}
