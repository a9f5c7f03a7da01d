import type { ChangeDto, KindDto, MenuDto, OfferDto, RowPlace } from "../api/client";
import { type Move, neighbours } from "../outline/moves";
import { newId } from "../shared/ids";
import type { Result, WorkingCopyStore } from "../working-copy/store";
import { childrenOf, endOf, type PageTree } from "../working-copy/tree";
import type { Deed } from "./MenuActions";
import {
  isOwnItem,
  itemAfterMove,
  itemOf,
  kindOfRows,
  listedPage,
  type MenuOutline,
  menuAfterMove,
  type Node,
  nodeOf,
  pageAfterMove,
  placeAt,
} from "./outline";

/** The change that a move of rows is: of menus, of items, or of the pages that lists' rows stand for. */
export function moveOf(
  outline: MenuOutline,
  tree: PageTree,
  nodes: readonly Node[],
  move: Move,
): ChangeDto | null {
  switch (kindOfRows(nodes)) {
    case "menus": {
      const after = menuAfterMove(outline, nodes, move);
      return after === undefined ? null : { kind: "moveMenus", menus: nodes.map((node) => node.id), after };
    }
    case "items": {
      const place = itemAfterMove(outline, nodes, move);
      return place && { kind: "moveItems", items: nodes.map(itemOf), place };
    }
    case "listed": {
      const place = pageAfterMove(outline, nodes, tree, move);
      return place && { kind: "movePages", pages: pagesOf(nodes), place };
    }
    case null:
      return null;
  }
}

/** The changes that a deed on rows is, all of one edit; none for those that only open a field. */
export function changesOf(nodes: readonly Node[], deed: Deed): ChangeDto[] {
  const menus = nodes.filter((node) => !node.row);
  const items = nodes.filter(isOwnItem);
  const listed = nodes.filter((node) => listedPage(node) !== null && !node.row?.foreign);
  const rows = nodes.filter((node) => items.includes(node) || listed.includes(node));
  switch (deed) {
    case "hide":
      return [...setAside(menus), ...hide(rows)];
    case "aside":
      return setAside(menus);
    case "copy":
      return [...menus, ...items].map((node) => ({ kind: "copyMenuRow", row: itemOf(node), ids: newId() }));
    case "remove":
      return [...remove([...menus, ...items]), ...leaveOut(listed)];
    case "leaveOut":
      return leaveOut(listed);
    case "freeze":
      return items
        .filter((node) => node.row?.kind.kind === "LIST")
        .map((node) => ({ kind: "freezeList", list: itemOf(node), ids: newId() }));
    case "detach":
      return listed.map((node) => ({
        kind: "detachBranch",
        list: itemOf(node),
        page: listedPage(node) ?? "",
        ids: newId(),
      }));
    default:
      return [];
  }
}

/** Hides them all; shows them again only where all of them are hidden. */
function hide(rows: readonly Node[]): ChangeDto[] {
  return rows.length === 0 ? [] : [set(rows, { hidden: rows.some((node) => !node.row?.hidden) })];
}

function setAside(menus: readonly Node[]): ChangeDto[] {
  const aside = menus.some((node) => !node.menu.setAside);
  return menus.length === 0
    ? []
    : [{ kind: "setAside", menus: menus.map((node) => node.id), setAside: aside }];
}

function remove(nodes: readonly Node[]): ChangeDto[] {
  return nodes.length === 0 ? [] : [{ kind: "removeMenuRows", removal: newId(), rows: nodes.map(itemOf) }];
}

/** Each list as it is set, without these pages more. */
function leaveOut(listed: readonly Node[]): ChangeDto[] {
  return [...new Set(listed.map(itemOf))].flatMap((item): ChangeDto[] => {
    const nodes = listed.filter((node) => itemOf(node) === item);
    const to = nodes[0]?.menu.rows.find((row) => row.item === item && row.kind.list)?.kind;
    if (!to?.list) return [];
    const leftOut = [...to.list.leftOut, ...pagesOf(nodes)];
    return [{ kind: "setItemKind", item, to: { ...to, list: { ...to.list, leftOut } } }];
  });
}

function pagesOf(nodes: readonly Node[]): string[] {
  return nodes.map(listedPage).filter((page) => page !== null);
}

/** Puts a new heading in the place of the first of some items, and the items under it; none where they are no items. */
export function wrapping(
  outline: MenuOutline,
  nodes: readonly Node[],
  heading: string,
  label: string,
): ChangeDto[] {
  const first = nodes[0];
  if (!first || first.parent === null || kindOfRows(nodes) !== "items") return [];
  const moving = nodes.map((node) => node.id);
  const { before } = neighbours(childrenOf(outline, first.parent), first.id, moving);
  const place = placeAt(outline, nodeOf(outline, first.parent), before.at(-1) ?? null);
  return [
    { kind: "addItems", items: [{ id: heading, place, kind: HEADING, label }] },
    {
      kind: "moveItems",
      items: nodes.map(itemOf),
      place: { parent: heading, after: null, anchor: null },
    },
  ];
}

/** What a kind of item names that names nothing. */
export const NOTHING_NAMED = {
  page: null,
  carries: 0,
  address: null,
  file: null,
  menu: null,
  list: null,
  words: null,
  side: null,
} as const;

const HEADING = { ...NOTHING_NAMED, kind: "HEADING" } as const;

type SetItems = Extract<ChangeDto, { kind: "setItems" }>;

/** What rows are given; what is not named stays as it is. */
export type ItemEdit = Appearing & { readonly label?: string };
/** The part of it that items can have in common. */
export type Appearing = Partial<SetItems["appearance"]>;

/** The change that gives rows another label or appearance. */
export function set(nodes: readonly Node[], edit: ItemEdit): ChangeDto {
  return setRows(
    nodes.map((node) => ({ item: itemOf(node), page: listedPage(node) })),
    edit,
  );
}

export function setRows(rows: SetItems["rows"], edit: ItemEdit): ChangeDto {
  const { label, ...appearance } = edit;
  return { kind: "setItems", rows, label: label ?? null, appearance: { ...AS_THEY_ARE, ...appearance } };
}

/** The change that lets new items of a menu begin another way. */
export function beginning(menu: string, edit: Appearing): ChangeDto {
  return { kind: "setNewItems", menu, appearance: { ...AS_THEY_ARE, ...edit } };
}

const AS_THEY_ARE = {
  hidden: null,
  devices: null,
  visitors: null,
  beforeSignIn: null,
  periods: null,
  icon: null,
  iconAlone: null,
  picture: null,
  weight: null,
  farEnd: null,
  newTab: null,
  note: null,
  accent: null,
  relation: null,
  hook: null,
  arrangement: null,
  panel: null,
} as const;

/**
 * Adds what was offered. A new page is made at the end of the tree; where the menu does not take it in by itself it gets
 * an item, in the same edit.
 */
export function addOffered(
  store: WorkingCopyStore,
  tree: PageTree,
  menu: MenuDto,
  offer: OfferDto,
  id: string,
  place: RowPlace,
): Promise<Result> {
  if (offer.offer === "NEW_PAGE") {
    const takesIn = menu.follows || menu.joining.from === "TOP_LEVEL" || menu.joining.from === "EVERYWHERE";
    const page = takesIn ? id : newId();
    const adding: ChangeDto = {
      kind: "addPages",
      pages: [{ id: page, place: endOf(tree, null), title: offer.words, reach: null }],
    };
    if (takesIn) return store.change(adding);
    return store.change(adding, {
      kind: "addItems",
      items: [{ id, place, kind: kindOfPage(page), label: "" }],
    });
  }
  if (!offer.kind) return Promise.resolve({ ok: false, sentence: offer.detail });
  return store.change({ kind: "addItems", items: [{ id, place, kind: offer.kind, label: offer.label }] });
}

export function kindOfPage(page: string): KindDto {
  return { ...NOTHING_NAMED, kind: "PAGE", page };
}
