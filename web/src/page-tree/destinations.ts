import type { PlaceDto } from "../api/client";
import type { Destination } from "../outline/MoveTo";
import { childrenOf, endOf, type PageTree, pageOf, parentOf, pathTo } from "../working-copy/tree";

/** Where pages could go: anywhere but under themselves. */
export function destinationsFor(tree: PageTree, pages: readonly string[]): Destination[] {
  const found: Destination[] = [{ id: null, title: "Top level", path: "", takes: "under" }];
  const add = (parent: string | null) => {
    for (const id of childrenOf(tree, parent)) {
      if (pages.includes(id)) continue; // with all that is under it
      const above = pathTo(tree, id).slice(0, -1);
      const path = above.map((step) => pageOf(tree, step).title).join(" › ");
      found.push({ id, title: pageOf(tree, id).title, path, takes: "both" });
      add(id);
    }
  };
  add(null);
  return found;
}

/** At the end of what is under a page, or of the top level; or right after the page. */
export function placeFor(tree: PageTree, to: string | null, how: "under" | "after"): PlaceDto {
  return to === null || how === "under" ? endOf(tree, to) : { parent: parentOf(tree, to), after: to };
}
