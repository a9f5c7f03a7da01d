import type { PlaceDto } from "../api/client";
import type { Row } from "../outline/rows";
import { childrenOf, levelOf, type PageTree } from "../working-copy/tree";

/** A line among the pages that is no page yet. */
export type Line =
  /** `shownAt` is where the line stands: its place, or the one before while the row it comes after is on its way. */
  | { readonly kind: "adding"; readonly place: PlaceDto; readonly shownAt: PlaceDto }
  | { readonly kind: "wrapping"; readonly page: string };

export function addingAt(place: PlaceDto): Line {
  return { kind: "adding", place, shownAt: place };
}

/** After the index of which row a line stands, and at which level; null where its row is not seen. */
export function whereIs(
  line: Line,
  rows: readonly Row[],
  tree: PageTree,
): { readonly after: number; readonly level: number } | null {
  if (line.kind === "adding") {
    const { parent } = line.shownAt;
    return {
      after: lastRowOf(rows, tree, line.shownAt),
      level: parent === null ? 1 : levelOf(tree, parent) + 1,
    };
  }
  const at = rows.findIndex((row) => row.id === line.page);
  return at < 0 ? null : { after: at - 1, level: levelOf(tree, line.page) };
}

/** The index of the row that a new row at this place comes right after; -1 before the first. */
function lastRowOf(rows: readonly Row[], tree: PageTree, place: PlaceDto): number {
  const anchor = place.after ?? place.parent;
  const at = rows.findIndex((row) => row.id === anchor);
  const row = rows[at];
  if (!row || place.after === null) return at;
  let last = at;
  while ((rows[last + 1]?.level ?? 0) > row.level) last++;
  return childrenOf(tree, row.id).length > 0 ? last : at;
}
