import type { MenuDto, MenuRowDto, MenusDto, PlaceDto, RowPlace } from "../api/client";
import { goesBy, type Move, neighbours } from "../outline/moves";
import { childrenOf, endOf, type PageTree, parentOf } from "../working-copy/tree";

/** A row of the outline of all menus: a menu at the top, or a row of it as it comes out. */
export type Node = {
  readonly id: string;
  readonly menu: MenuDto;
  /** Null for the menu itself. */
  readonly row: MenuRowDto | null;
  readonly parent: string | null;
};

export type MenuOutline = {
  readonly nodes: ReadonlyMap<string, Node>;
  readonly children: ReadonlyMap<string | null, readonly string[]>;
};

export function outlineOf(menus: MenusDto): MenuOutline {
  const nodes = new Map<string, Node>();
  const children = new Map<string | null, string[]>();
  const add = (node: Node) => {
    nodes.set(node.id, node);
    const siblings = children.get(node.parent);
    if (siblings) siblings.push(node.id);
    else children.set(node.parent, [node.id]);
  };
  for (const menu of menus.menus) {
    add({ id: menu.id, menu, row: null, parent: null });
    const above = [menu.id];
    for (const row of menu.rows) {
      let id = `${menu.id}/${row.key}`;
      while (nodes.has(id)) id += "~"; // a menu may be shown twice in another
      above.length = row.level;
      add({ id, menu, row, parent: above[row.level - 1] ?? menu.id });
      above.push(id);
    }
  }
  return { nodes, children };
}

export function nodeOf(outline: MenuOutline, id: string): Node {
  const node = outline.nodes.get(id);
  if (!node) throw new Error(`no row ${id}`);
  return node;
}

/** Whether anything is beneath a row. */
export function holds(outline: MenuOutline, node: Node): boolean {
  return (outline.children.get(node.id) ?? []).length > 0;
}

/** Whether something beneath a row shows to somebody now. */
export function opensSomething(outline: MenuOutline, node: Node): boolean {
  return (outline.children.get(node.id) ?? []).some((id) => {
    const child = nodeOf(outline, id);
    return child.row?.absence === null && (!child.row.splices || opensSomething(outline, child));
  });
}

/** Whether a row stands in the first level of its menu, as visitors get it. */
export function isFirstLevel(outline: MenuOutline, node: Node): boolean {
  const above = node.parent === null ? undefined : outline.nodes.get(node.parent);
  return !above?.row || (above.row.splices && isFirstLevel(outline, above));
}

/** Whether a content block is opened by a word: in a row, and where one shows at a time. */
export function isBehindWord(outline: MenuOutline, block: Node): boolean {
  const above = block.parent === null ? undefined : outline.nodes.get(block.parent);
  return isFirstLevel(outline, block) || above?.row?.arrangement.startsWith("SWITCHED") === true;
}

/** The node of an item, which stands in one menu only. */
export function findItem(outline: MenuOutline, item: string, page: string | null): Node | undefined {
  for (const node of outline.nodes.values()) {
    if (node.row && !node.row.foreign && node.row.item === item && listedPage(node) === page) return node;
    if (!node.row && node.id === item) return node;
  }
  return undefined;
}

/** The row that a node was, where it stands now, in another menu perhaps. */
export function sameRow(outline: MenuOutline, node: Node): Node | undefined {
  return (
    outline.nodes.get(node.id) ?? (node.row ? findItem(outline, node.row.item, listedPage(node)) : undefined)
  );
}

/** The item of a row, or the menu that it is. */
export function itemOf(node: Node): string {
  return node.row ? node.row.item : node.id;
}

/** The page of a row that a list yields; null for a menu or an item of the owner's own. */
export function listedPage(node: Node): string | null {
  return node.row?.kind.kind === "LISTED" ? node.row.page : null;
}

/** Whether it is an item that can be moved and removed: not a menu, not a list's row, not of another menu. */
export function isOwnItem(node: Node): boolean {
  return node.row?.moves === "BY_ITSELF";
}

/** Whether a row of a list moves as its page does. */
function goesWithItsPage(node: Node): boolean {
  return node.row?.moves === "WITH_ITS_PAGE";
}

function isListLike(node: Node): boolean {
  return node.row?.kind.kind === "LIST" || node.row?.kind.kind === "LISTED";
}

/** The rows under a row up to one of them, the nearest first; none for null. */
function rowsUpTo(outline: MenuOutline, parent: Node, after: string | null): readonly Node[] {
  const siblings = childrenOf(outline, parent.id);
  return siblings
    .slice(0, after === null ? 0 : siblings.indexOf(after) + 1)
    .map((id) => nodeOf(outline, id))
    .reverse();
}

/** The rows under a row after one of them, the nearest first; all for null. */
function rowsAfter(outline: MenuOutline, parent: Node, after: string | null): readonly Node[] {
  const siblings = childrenOf(outline, parent.id);
  return siblings.slice(after === null ? 0 : siblings.indexOf(after) + 1).map((id) => nodeOf(outline, id));
}

/** The items of the owner's own under a row up to one of those beneath it, the nearest first. */
export function itemsUpTo(outline: MenuOutline, parent: Node, after: string | null): readonly string[] {
  return rowsUpTo(outline, parent, after).flatMap((node) =>
    node.row && isOwnItem(node) ? [node.row.item] : [],
  );
}

/** The place under a row, right after one of those beneath it, or first. */
export function placeAt(outline: MenuOutline, parent: Node, after: string | null): RowPlace {
  const pages = (rows: readonly Node[]) => rows.map(listedPage).filter((page) => page !== null);
  return {
    parent: itemOf(parent),
    after: itemsUpTo(outline, parent, after)[0] ?? null,
    anchor: isListLike(parent)
      ? {
          under: listedPage(parent),
          behind: pages(rowsUpTo(outline, parent, after)),
          ahead: pages(rowsAfter(outline, parent, after)),
        }
      : null,
  };
}

export function endUnder(outline: MenuOutline, parent: Node): RowPlace {
  return placeAt(outline, parent, childrenOf(outline, parent.id).at(-1) ?? null);
}

/**
 * The end of the ordinary rows under a row: before those that come last for everybody, at the far end and of built-in
 * pages, and before the blocks that end it. The rows of a list stand in its place, so where such rows are among those,
 * the end is there.
 */
export function ordinaryEnd(
  outline: MenuOutline,
  parent: Node,
): { readonly parent: Node; readonly after: string | null } {
  const children = childrenOf(outline, parent.id);
  const ordinary = children
    .map((id) => nodeOf(outline, id))
    .filter(({ row }) => !row?.farEnd && !row?.builtIn);
  const last = ordinary.findLast(({ row }) => !row?.block) ?? ordinary.at(-1);
  if (last?.row?.splices && last.row.closed === null) {
    const within = ordinaryEnd(outline, last);
    if (within.after !== childrenOf(outline, last.id).at(-1)) return within;
  }
  return { parent, after: last?.id ?? null };
}

/** Right after a row; for a menu, at the end of its ordinary rows. Null where it belongs to another menu. */
export function placeBelow(outline: MenuOutline, node: Node): RowPlace | null {
  if (node.parent === null) {
    const end = ordinaryEnd(outline, node);
    return placeAt(outline, end.parent, end.after);
  }
  const parent = nodeOf(outline, node.parent);
  return node.row?.foreign || parent.row?.closed ? null : placeAt(outline, parent, node.id);
}

/** Rows that can go together: all menus, all items of the owner's own, or all rows of lists; null for anything else. */
export function kindOfRows(nodes: readonly Node[]): "menus" | "items" | "listed" | null {
  if (nodes.length === 0) return null;
  if (nodes.every((node) => !node.row)) return "menus";
  if (nodes.every(isOwnItem)) return "items";
  return nodes.every((node) => listedPage(node) !== null && !node.row?.foreign) ? "listed" : null;
}

/** Where a move takes items, as one block; null where they cannot go further. */
export function itemAfterMove(outline: MenuOutline, nodes: readonly Node[], move: Move): RowPlace | null {
  const node = goesBy(nodes, move);
  if (!node || node.parent === null || kindOfRows(nodes) !== "items") return null;
  const parent = nodeOf(outline, node.parent);
  const { before, after } = neighbours(childrenOf(outline, parent.id), node.id, nodes.map(idOf));
  switch (move) {
    case "up":
      return before.length > 0 ? placeAt(outline, parent, before.at(-2) ?? null) : null;
    case "down":
      return after[0] === undefined ? null : placeAt(outline, parent, after[0]);
    case "first":
      return before.length > 0 ? placeAt(outline, parent, null) : null;
    case "last":
      return after.length > 0 ? endUnder(outline, parent) : null;
    case "in": {
      const above = before.at(-1);
      return above === undefined || nodeOf(outline, above).row?.closed
        ? null
        : endUnder(outline, nodeOf(outline, above));
    }
    case "out":
      return parent.parent === null ? null : placeAt(outline, nodeOf(outline, parent.parent), parent.id);
  }
}

/** Where a move takes menus among the menus: after which; undefined where they cannot go further. */
export function menuAfterMove(
  outline: MenuOutline,
  nodes: readonly Node[],
  move: Move,
): string | null | undefined {
  const node = goesBy(nodes, move);
  if (!node || kindOfRows(nodes) !== "menus") return undefined;
  const { before, after } = neighbours(childrenOf(outline, null), node.id, nodes.map(idOf));
  if (move === "up") return before.length > 0 ? (before.at(-2) ?? null) : undefined;
  if (move === "first") return before.length > 0 ? null : undefined;
  if (move === "last") return after.at(-1);
  return move === "down" ? after[0] : undefined;
}

/** Where a move of lists' rows takes their pages in the tree; null where they cannot go further. */
export function pageAfterMove(
  outline: MenuOutline,
  nodes: readonly Node[],
  tree: PageTree,
  move: Move,
): PlaceDto | null {
  const node = goesBy(nodes, move);
  const page = node ? listedPage(node) : null;
  if (!node || page === null || node.parent === null || !tree.pages.has(page)) return null;
  if (kindOfRows(nodes) !== "listed" || !nodes.every(goesWithItsPage)) return null;
  const pages = nodes.map(listedPage).filter((each) => each !== null);
  const listed = childrenOf(outline, node.parent)
    .map((id) => listedPage(nodeOf(outline, id)))
    .filter((each) => each !== null);
  const around = neighbours(listed, page, pages);
  const before = around.before.at(-1);
  const next = around.after[0];
  switch (move) {
    case "up": {
      if (before === undefined) return null;
      const siblings = childrenOf(tree, parentOf(tree, before));
      return { parent: parentOf(tree, before), after: siblings[siblings.indexOf(before) - 1] ?? null };
    }
    case "down":
      return next === undefined ? null : { parent: parentOf(tree, next), after: next };
    case "first":
    case "last": {
      const end = move === "first" ? around.before[0] : around.after.at(-1);
      if (end === undefined) return null;
      const siblings = childrenOf(tree, parentOf(tree, end));
      const after = move === "first" ? siblings[siblings.indexOf(end) - 1] : end;
      return { parent: parentOf(tree, end), after: after ?? null };
    }
    case "in":
      return before === undefined ? null : endOf(tree, before);
    case "out": {
      const above = listedPage(nodeOf(outline, node.parent));
      return above === null ? null : { parent: parentOf(tree, above), after: above };
    }
  }
}

function idOf(node: Node): string {
  return node.id;
}
