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

export function rowsOf(tree: Pick<PageTree, "children">, folded: ReadonlySet<string>): Row[] {
  const rows: Row[] = [];
  const add = (parent: string | null, level: number, spine: readonly (string | null)[]) => {
    const ids = childrenOf(tree, parent);
    ids.forEach((id, index) => {
      const subpages = childrenOf(tree, id).length;
      const isFolded = subpages > 0 && folded.has(id);
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
