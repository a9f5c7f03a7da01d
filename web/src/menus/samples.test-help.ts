import type { KindDto, MenuDto, MenuRowDto } from "../api/client";
import { NOTHING_NAMED } from "./deeds";

const PLAIN = {
  hidden: false,
  devices: ["WIDE", "PHONE"],
  visitors: ["NON_MEMBER", "MEMBER"],
  beforeSignIn: false,
  periods: [],
  icon: "",
  iconAlone: false,
  picture: null,
  weight: "PLAIN",
  farEnd: false,
  newTab: false,
  accent: false,
  relation: "ORDINARY",
  hook: "",
  arrangement: "LIST",
  panel: "UNDER",
  note: "",
} as const;

/** Menus, rows and pages as the server would send them, for tests. */
export function menu(id: string, rows: readonly MenuRowDto[]): MenuDto {
  const joining = { from: "NOWHERE", section: null, spot: "AS_IN_TREE" } as const;
  return {
    id,
    name: id,
    setAside: false,
    zones: [],
    items: rows.length,
    follows: false,
    joining,
    newItems: PLAIN,
    rows,
  };
}

export function row(item: string, listed: string | null, level: number, kind: KindDto["kind"]): MenuRowDto {
  return {
    key: listed === null ? item : `${item} ${listed}`,
    item,
    page: listed,
    level,
    kind: { ...NOTHING_NAMED, kind, page: listed },
    label: listed ?? item,
    ownLabel: "",
    followed: "",
    leads: "",
    absence: null,
    shownTo: ["NON_MEMBER", "MEMBER"],
    ofMembersPage: false,
    splices: kind === "LIST",
    builtIn: false,
    block: false,
    foreign: false,
    moves: listed === null ? "BY_ITSELF" : "WITH_ITS_PAGE",
    stays: null,
    closed: null,
    ...PLAIN,
  };
}

/** What a row says that belongs to another menu. */
export const FOREIGN = {
  foreign: true,
  moves: "NOT",
  stays: "It belongs to another menu; change it there.",
  closed: "It belongs to another menu; change it there.",
} as const;

/** A list of the whole tree, which leaves these pages out. */
export function treeList(item: string, ...leftOut: string[]): MenuRowDto {
  const list = row(item, null, 1, "LIST");
  const set = { page: null, topic: null, levels: 2, order: "TREE", atMost: null } as const;
  return { ...list, kind: { ...list.kind, list: { source: "WHOLE_TREE", ...set, leftOut } } };
}

export function page(id: string, parent: string | null, after: string | null) {
  return {
    id,
    parent,
    after,
    kind: "PAGE",
    title: id,
    slug: id,
    slugFollows: true,
    reach: "OPEN",
    membersOnly: false,
    keptFromSearchEngines: false,
    layout: "STANDARD",
    summary: "",
    searchTitle: "",
    searchDescription: "",
    topics: [],
    date: null,
    picture: null,
    form: null,
    text: null,
    periods: [],
    whenClosed: "NOT_FOUND",
    locked: false,
    model: false,
    stays: null,
    closed: null,
  } as const;
}
