import type { Target } from "../outline/drop";
import type { Destination } from "../outline/MoveTo";
import { childrenOf } from "../working-copy/tree";
import { titleOf } from "./ItemCell";
import { itemOf, kindOfRows, type MenuOutline, type Node, nodeOf } from "./outline";

/** Where rows of menus could go: menus after menus, items and rows of lists under and after others, but not themselves. */
export function destinationsFor(outline: MenuOutline, moving: readonly Node[]): Destination[] {
  const kind = kindOfRows(moving);
  const ids = new Set(moving.map((node) => node.id));
  const found: Destination[] = [];
  const add = (parent: string | null, path: string) => {
    for (const id of childrenOf(outline, parent)) {
      const node = nodeOf(outline, id);
      if (node.row?.foreign || ids.has(id)) continue;
      const title = titleOf(node) || "the list";
      const inList = kind === "listed" && !moving.every((each) => itemOf(each) === itemOf(node));
      if (kind === "menus") found.push({ id, title, path, takes: "after" });
      else if (!inList) found.push({ id, title, path, takes: parent === null ? "under" : "both" });
      if (kind !== "menus") add(id, path === "" ? title : `${path} › ${title}`);
    }
  };
  add(null, "");
  return found;
}

/** The place as a pointer would choose it, so that both go by the same rules. */
export function targetFor(outline: MenuOutline, to: string, how: "under" | "after"): Target {
  return how === "under"
    ? { kind: "into", parent: to, index: 0 }
    : { kind: "between", parent: nodeOf(outline, to).parent, after: to, level: 1, index: 0 };
}
