import type { ChangeDto, RowPlace } from "../api/client";
import { newId } from "../shared/ids";
import { type PageTree, parentOf } from "../working-copy/tree";
import { kindOfPage } from "./deeds";

/** The one change that places pages in a menu, given in the order of the tree, and nested as in it or flat. */
export function placing(
  tree: PageTree,
  pages: readonly string[],
  nested: boolean,
  first: RowPlace,
): ChangeDto {
  const ids = new Map(pages.map((page) => [page, newId()]));
  const last = new Map<string, string | null>([[first.parent, first.after]]);
  const items = pages.map((page) => {
    const above = nested ? nearest(tree, page, ids) : undefined;
    const parent = above ?? first.parent;
    const id = ids.get(page) ?? "";
    const place = {
      parent,
      after: last.get(parent) ?? null,
      anchor: above === undefined ? first.anchor : null,
    };
    last.set(parent, id);
    return { id, place, kind: kindOfPage(page), label: "" };
  });
  return { kind: "addItems", items };
}

/** The item of the nearest page above that is placed too. */
function nearest(tree: PageTree, page: string, ids: ReadonlyMap<string, string>): string | undefined {
  for (let above = parentOf(tree, page); above !== null; above = parentOf(tree, above)) {
    const id = ids.get(above);
    if (id !== undefined) return id;
  }
  return undefined;
}
