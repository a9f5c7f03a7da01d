import type { Load } from "../outline/drag";
import { namesOf, placeWords, type Target, type Verdict } from "../outline/drop";
import type { Row } from "../outline/rows";
import { childrenOf, endOf, isInside, type PageTree, pageOf } from "../working-copy/tree";
import {
  endUnder,
  itemOf,
  kindOfRows,
  listedPage,
  type MenuOutline,
  type Node,
  nodeOf,
  placeAt,
} from "./outline";
import { placing } from "./placing";

/** What a drag of rows takes along; null where they cannot go together, or belong to another menu. */
export function loadOf(outline: MenuOutline, rows: readonly Row[], nodes: readonly Node[]): Load | null {
  const first = nodes[0];
  if (!first || kindOfRows(nodes) === null) return null;
  const level = rows.find((row) => row.id === first.id)?.level ?? 1;
  const name = namesOf(nodes.map((node) => nameOf(outline, node.id)));
  return { from: "rows", ids: nodes.map((node) => node.id), level, name };
}

/** What letting rows, or pages of the tree, go there would do. */
export function judge(outline: MenuOutline, tree: PageTree, load: Load, target: Target): Verdict {
  const parent = target.parent === null ? null : outline.nodes.get(target.parent);
  const after = target.kind === "between" ? target.after : null;
  if (parent === undefined || (after !== null && !outline.nodes.has(after)))
    return refused("That row is not there any more.");
  if (parent?.row?.closed) return refused(parent.row.closed);
  const words = placeWords(target, (id) => nameOf(outline, id));
  if (load.from === "pages") {
    const pages = load.ids.filter((page) => tree.pages.has(page));
    if (!parent) return refused("A page goes into a menu, not between menus.");
    if (pages.length === 0) return refused("That page is not there any more.");
    return {
      kind: "allowed",
      words,
      changes: [placing(tree, pages, load.nested ?? false, placeIn(outline, parent, target))],
    };
  }
  const nodes = load.ids.flatMap((id) => outline.nodes.get(id) ?? []);
  const inside = nodes.find((node) => isAbove(outline, node, parent));
  if (inside) return refused(`${nameOf(outline, inside.id)} cannot go under itself.`);
  switch (kindOfRows(nodes)) {
    case "menus":
      return parent
        ? refused("A menu goes beside another, not into it.")
        : {
            kind: "allowed",
            words,
            changes: [{ kind: "moveMenus", menus: nodes.map((node) => node.id), after }],
          };
    case "items":
      return parent
        ? {
            kind: "allowed",
            words,
            changes: [
              { kind: "moveItems", items: nodes.map(itemOf), place: placeIn(outline, parent, target) },
            ],
          }
        : refused("An item goes into a menu.");
    case "listed":
      return judgeListed(outline, tree, nodes, parent, target, words);
    case null:
      return refused("These rows cannot go together.");
  }
}

/** A list's row goes where its page goes, so it stays in its list. */
function judgeListed(
  outline: MenuOutline,
  tree: PageTree,
  nodes: readonly Node[],
  parent: Node | null,
  target: Target,
  words: string,
): Verdict {
  const sameList = parent !== null && nodes.every((node) => itemOf(node) === itemOf(parent));
  if (!sameList)
    return refused("A row of a list goes where its page goes. Make it its own item to move it elsewhere.");
  const stays = nodes.map((node) => node.row?.stays).find((why) => why);
  if (stays) return refused(stays);
  const pages = nodes.map(listedPage).filter((page) => page !== null);
  const under = listedPage(parent) ?? rootOf(parent);
  const place =
    target.kind === "into" && under !== null
      ? endOf(tree, under)
      : { parent: under, after: listedUpTo(outline, parent, target) };
  const inside = pages.find((page) => isInside(tree, place.parent, page));
  if (inside !== undefined) return refused(`${pageOf(tree, inside).title} cannot go under itself.`);
  return {
    kind: "allowed",
    words: `${words}. The page moves too.`,
    changes: [{ kind: "movePages", pages, place }],
  };
}

/** The page whose subpages are a list's first rows; null for the top level of the tree. */
function rootOf(list: Node): string | null {
  const { kind, page } = list.row ?? {};
  if (kind?.kind === "PAGE") return page ?? null; // it carries its subpages
  return kind?.list?.source === "UNDER" ? kind.list.page : null;
}

function listedUpTo(outline: MenuOutline, parent: Node, target: Target): string | null {
  const siblings = childrenOf(outline, parent.id);
  const last =
    target.kind === "into" ? siblings.length : target.after === null ? 0 : siblings.indexOf(target.after) + 1;
  return (
    siblings
      .slice(0, last)
      .map((id) => listedPage(nodeOf(outline, id)))
      .findLast((page) => page !== null) ?? null
  );
}

function placeIn(outline: MenuOutline, parent: Node, target: Target) {
  return target.kind === "into" ? endUnder(outline, parent) : placeAt(outline, parent, target.after);
}

function isAbove(outline: MenuOutline, node: Node, below: Node | null): boolean {
  for (let at = below; at; at = at.parent === null ? null : nodeOf(outline, at.parent)) {
    if (at.id === node.id) return true;
  }
  return false;
}

function nameOf(outline: MenuOutline, id: string): string {
  const node = nodeOf(outline, id);
  return node.row ? node.row.label || "the list" : node.menu.name;
}

function refused(words: string): Verdict {
  return { kind: "refused", words };
}
