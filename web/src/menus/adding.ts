import type { RowPlace } from "../api/client";
import type { Row } from "../outline/rows";
import {
  findItem,
  itemOf,
  itemsUpTo,
  listedPage,
  type MenuOutline,
  type Node,
  nodeOf,
  ordinaryEnd,
  placeAt,
} from "./outline";

/** The add line, open at a place of a menu. */
export type Adding = {
  readonly kind: "adding";
  readonly menu: string;
  readonly place: RowPlace;
  /** The owner's items it comes after, the nearest first; any of them may be gone by the time a line is added. */
  readonly earlier: readonly string[];
  readonly level: number;
  /** Rows that the add line comes after, the nearest first; the newest may not be there yet. */
  readonly shownAfter: readonly string[];
};

/** At the end of the ordinary rows under a row; null where it belongs to another menu. */
export function addingUnder(outline: MenuOutline, rows: readonly Row[], node: Node): Adding | null {
  if (node.row?.closed) return null;
  const { parent, after } = ordinaryEnd(outline, node);
  return {
    kind: "adding",
    menu: node.menu.id,
    ...behind(outline, parent, after),
    level: levelOf(rows, parent.id) + 1,
    shownAfter: [after === null ? parent.id : lastBeneath(rows, after)],
  };
}

/** Right after a row; for a menu, at its end. */
export function addingBelow(outline: MenuOutline, rows: readonly Row[], node: Node): Adding | null {
  if (node.parent === null) return addingUnder(outline, rows, node);
  const parent = nodeOf(outline, node.parent);
  if (parent.row?.closed || node.row?.foreign) return null;
  return {
    kind: "adding",
    menu: node.menu.id,
    ...behind(outline, parent, node.id),
    level: levelOf(rows, node.id),
    shownAfter: [lastBeneath(rows, node.id)],
  };
}

/** In a menu that was just made and is not in the outline yet. */
export function addingTo(menu: string): Adding {
  return {
    kind: "adding",
    menu,
    place: { parent: menu, after: null, anchor: null },
    earlier: [],
    level: 2,
    shownAfter: [menu],
  };
}

/** After the item that was just typed. */
export function continued(adding: Adding, id: string): Adding {
  return {
    ...adding,
    place: { ...adding.place, after: id },
    earlier: [id, ...adding.earlier],
    shownAfter: [`${adding.menu}/${id}`, ...adding.shownAfter],
  };
}

/** As if the item had never been typed, for one that was refused. */
export function without(adding: Adding, id: string): Adding {
  const earlier = adding.earlier.filter((each) => each !== id);
  return { ...adding, place: { ...adding.place, after: earlier[0] ?? null }, earlier };
}

/** The place as it is now: what it was to come after may have been undone, moved or removed since. */
export function standing(outline: MenuOutline, adding: Adding): RowPlace {
  const { parent, anchor } = adding.place;
  const stands = (item: string) => {
    const node = findItem(outline, item, null);
    const above = node?.parent ? nodeOf(outline, node.parent) : null;
    return above !== null && itemOf(above) === parent && listedPage(above) === (anchor?.under ?? null);
  };
  return { ...adding.place, after: adding.earlier.find(stands) ?? null };
}

/** Under the item before it; unchanged where there is none. */
export function nested(adding: Adding): Adding {
  const { after } = adding.place;
  return after === null
    ? adding
    : {
        ...adding,
        place: { parent: after, after: null, anchor: null },
        earlier: [],
        level: adding.level + 1,
      };
}

/** After the row it stands under; unchanged at the top of a menu. */
export function outOf(outline: MenuOutline, adding: Adding): Adding {
  const parent = findItem(outline, adding.place.parent, adding.place.anchor?.under ?? null);
  return parent?.parent
    ? {
        ...adding,
        ...behind(outline, nodeOf(outline, parent.parent), parent.id),
        level: adding.level - 1,
      }
    : adding;
}

function behind(outline: MenuOutline, parent: Node, after: string | null) {
  return { place: placeAt(outline, parent, after), earlier: itemsUpTo(outline, parent, after) };
}

/** The index of the row that the add line comes after. */
export function shownAt(rows: readonly Row[], candidates: readonly string[]): number {
  for (const id of candidates) {
    const at = rows.findIndex((row) => row.id === id);
    if (at >= 0) return at;
  }
  return rows.length - 1;
}

/** The last row that is seen beneath a row, or the row itself. */
function lastBeneath(rows: readonly Row[], id: string): string {
  const at = rows.findIndex((row) => row.id === id);
  const level = rows[at]?.level ?? 0;
  let last = at;
  while ((rows[last + 1]?.level ?? 0) > level) last++;
  return rows[last]?.id ?? id;
}

function levelOf(rows: readonly Row[], id: string): number {
  return rows.find((row) => row.id === id)?.level ?? 1;
}
