import type { ChangeDto, OfferDto, RowPlace } from "../api/client";
import type { Move } from "../outline/moves";
import { newId } from "../shared/ids";
import type { Result, WorkingCopyStore } from "../working-copy/store";
import { childrenOf, endOf, type PageTree } from "../working-copy/tree";
import type { Deed } from "./MenuActions";
import {
  isOwnItem,
  itemAfterMove,
  listedPage,
  type MenuOutline,
  menuAfterMove,
  type Node,
  nodeOf,
  pageAfterMove,
  placeAt,
} from "./outline";

/** The change that a move of a row is: of a menu, of an item, or of the page that a list's row stands for. */
export function moveOf(outline: MenuOutline, tree: PageTree, node: Node, move: Move): ChangeDto | null {
  if (!node.row) {
    const after = menuAfterMove(outline, node, move);
    return after === undefined ? null : { kind: "moveMenus", menus: [node.id], after };
  }
  const page = listedPage(node);
  if (page !== null) {
    const place = pageAfterMove(outline, node, tree, move);
    return place && { kind: "movePages", pages: [page], place };
  }
  const place = itemAfterMove(outline, node, move);
  return place && { kind: "moveItems", items: [node.row.item], place };
}

/** The change that a deed is; null for those that only open a field. */
export function changeOf(node: Node, deed: Deed): ChangeDto | null {
  const { row } = node;
  const page = listedPage(node);
  if (!row) {
    switch (deed) {
      case "copy":
        return { kind: "copyMenuRow", row: node.id, ids: newId() };
      case "remove":
        return { kind: "removeMenuRows", rows: [node.id] };
      case "aside":
      case "hide":
        return { kind: "setAside", menus: [node.id], setAside: !node.menu.setAside };
      default:
        return null;
    }
  }
  if (row.foreign) return null;
  switch (deed) {
    case "hide":
      return set(node, { hidden: !row.hidden });
    case "copy":
      return page === null ? { kind: "copyMenuRow", row: row.item, ids: newId() } : null;
    case "remove":
      return page === null ? { kind: "removeMenuRows", rows: [row.item] } : leaveOut(node, page);
    case "leaveOut":
      return page === null ? null : leaveOut(node, page);
    case "freeze":
      return row.kind.kind === "LIST" ? { kind: "freezeList", list: row.item, ids: newId() } : null;
    case "detach":
      return page === null ? null : { kind: "detachBranch", list: row.item, page, ids: newId() };
    default:
      return null;
  }
}

/** The list as it is set, without one page more. */
function leaveOut(node: Node, page: string): ChangeDto | null {
  const list = node.menu.rows.find((row) => row.item === node.row?.item && row.kind.list)?.kind;
  return list?.list
    ? {
        kind: "setItemKind",
        item: node.row?.item ?? "",
        to: { ...list, list: { ...list.list, leftOut: [...list.list.leftOut, page] } },
      }
    : null;
}

/** Puts a new heading in the place of an item, and the item under it; null for what is no item of the owner's own. */
export function wrapping(
  outline: MenuOutline,
  node: Node,
  heading: string,
  label: string,
): ChangeDto[] | null {
  if (!node.row || node.parent === null || !isOwnItem(node)) return null;
  const siblings = childrenOf(outline, node.parent);
  const before = siblings[siblings.indexOf(node.id) - 1] ?? null;
  const place = placeAt(outline, nodeOf(outline, node.parent), before);
  return [
    { kind: "addItems", items: [{ id: heading, place, kind: HEADING, label }] },
    {
      kind: "moveItems",
      items: [node.row.item],
      place: { parent: heading, after: null, anchor: null },
    },
  ];
}

const HEADING = { kind: "HEADING", page: null, carries: 0, address: null, menu: null, list: null } as const;

type SetItems = Extract<ChangeDto, { kind: "setItems" }>;

/** The change that gives a row another label or appearance. */
export function set(node: Node, edit: Partial<Omit<SetItems, "kind" | "rows">>): ChangeDto {
  return {
    kind: "setItems",
    rows: [{ item: node.row?.item ?? "", page: listedPage(node) }],
    label: null,
    hidden: null,
    devices: null,
    icon: null,
    iconAlone: null,
    weight: null,
    farEnd: null,
    newTab: null,
    note: null,
    ...edit,
  };
}

/** Adds what was offered; a new page is made at the end of the tree and placed, in one edit. */
export function addOffered(
  store: WorkingCopyStore,
  tree: PageTree,
  offer: OfferDto,
  id: string,
  place: RowPlace,
): Promise<Result> {
  if (offer.offer === "NEW_PAGE") {
    const page = newId();
    return store.change(
      { kind: "addPages", pages: [{ id: page, place: endOf(tree, null), title: offer.words, reach: null }] },
      { kind: "addItems", items: [{ id, place, kind: kindOfPage(page), label: "" }] },
    );
  }
  if (!offer.kind) return Promise.resolve({ ok: false, sentence: offer.detail });
  return store.change({ kind: "addItems", items: [{ id, place, kind: offer.kind, label: offer.label }] });
}

export function kindOfPage(page: string) {
  return { kind: "PAGE", page, carries: 0, address: null, menu: null, list: null } as const;
}
