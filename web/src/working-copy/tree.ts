import type { DifferenceDto, PageDto, PlaceDto } from "../api/client";

/** A page without its place; where it stands is in the tree. */
export type Page = Omit<PageDto, "parent" | "after">;

/** A page that every site has, made by Velnik. */
export function isBuiltIn(page: Page): boolean {
  return page.kind !== "PAGE" && page.kind !== "GROUP";
}

/** The page tree as the editor holds it. Never changed in place. */
export type PageTree = {
  readonly pages: ReadonlyMap<string, Page>;
  readonly parents: ReadonlyMap<string, string | null>;
  /** Ids in order under each parent; the top level under null. */
  readonly children: ReadonlyMap<string | null, readonly string[]>;
  readonly home: string | null;
};

export function treeOf(pages: readonly PageDto[], home: string | null): PageTree {
  return applied(
    { pages: new Map(), parents: new Map(), children: new Map(), home },
    {
      removed: [],
      placed: pages,
      altered: [],
      home,
    },
  );
}

/** The tree after a difference: takes out, puts in, replaces, in this order. */
export function applied(tree: PageTree, difference: Omit<DifferenceDto, "settings">): PageTree {
  const pages = new Map(tree.pages);
  const parents = new Map(tree.parents);
  const children = new Map(tree.children);
  const own = new Set<string | null>();
  const siblings = (parent: string | null): string[] => {
    if (!own.has(parent)) {
      own.add(parent);
      children.set(parent, [...(children.get(parent) ?? [])]);
    }
    return children.get(parent) as string[];
  };
  const takeOut = (id: string) => {
    const parent = parents.get(id);
    if (parent === undefined) return;
    const rows = siblings(parent);
    rows.splice(rows.indexOf(id), 1);
    parents.delete(id);
  };
  for (const id of difference.removed) {
    takeOut(id);
    pages.delete(id);
    children.delete(id);
  }
  for (const page of difference.placed) takeOut(page.id);
  for (const { parent, after, ...page } of difference.placed) {
    pages.set(page.id, page);
    parents.set(page.id, parent);
    const rows = siblings(parent);
    rows.splice(after === null ? 0 : rows.indexOf(after) + 1, 0, page.id);
  }
  for (const { parent: _parent, after: _after, ...page } of difference.altered) pages.set(page.id, page);
  return { pages, parents, children, home: difference.home };
}

/** Whether a tree that has pages moved already is as a difference makes it, which moves them and nothing else. */
export function stands(tree: PageTree, difference: Omit<DifferenceDto, "settings">): boolean {
  return (
    difference.removed.length + difference.altered.length === 0 &&
    difference.home === tree.home &&
    difference.placed.every(({ parent, after, ...page }) => {
      const siblings = childrenOf(tree, parent);
      const at = siblings.indexOf(page.id);
      return (
        at >= 0 &&
        (siblings[at - 1] ?? null) === after &&
        JSON.stringify(page) === JSON.stringify(tree.pages.get(page.id))
      );
    })
  );
}

/** The tree once pages stand one after the other at a place. */
export function movedTo(tree: PageTree, pages: readonly string[], place: PlaceDto): PageTree {
  const placed = pages.map((id, i) => ({
    ...pageOf(tree, id),
    parent: place.parent,
    after: pages[i - 1] ?? place.after,
  }));
  return applied(tree, { removed: [], placed, altered: [], home: tree.home });
}

export function pageOf(tree: PageTree, id: string): Page {
  const page = tree.pages.get(id);
  if (!page) throw new Error(`no page ${id}`);
  return page;
}

export function childrenOf(tree: Pick<PageTree, "children">, parent: string | null): readonly string[] {
  return tree.children.get(parent) ?? [];
}

export function parentOf(tree: PageTree, id: string): string | null {
  return tree.parents.get(id) ?? null;
}

/** From the top level down to the page, itself last. */
export function pathTo(tree: PageTree, id: string): string[] {
  const path: string[] = [];
  for (let at: string | null = id; at !== null; at = parentOf(tree, at)) path.unshift(at);
  return path;
}

/** 1 at the top level. */
export function levelOf(tree: PageTree, id: string): number {
  return pathTo(tree, id).length;
}

/** Whether a page is the given one or stands anywhere beneath it. */
export function isInside(tree: PageTree, id: string | null, ancestor: string): boolean {
  return id !== null && pathTo(tree, id).includes(ancestor);
}

/** The address that visitors will find the page at. */
export function addressOf(tree: PageTree, id: string): string {
  return id === tree.home ? "/" : slugPath(tree, id);
}

/** The address with the page's own slug in it, also for the home page. */
function slugPath(tree: PageTree, id: string): string {
  return pathTo(tree, id)
    .map((step) => `/${pageOf(tree, step).slug}`)
    .join("");
}

/** The part of the address before the page's own slug, with a slash at its end. */
export function addressAbove(tree: PageTree, id: string): string {
  const parent = parentOf(tree, id);
  return parent === null ? "/" : `${slugPath(tree, parent)}/`;
}

/** The place after the last page under a parent. */
export function endOf(tree: PageTree, parent: string | null): PlaceDto {
  return { parent, after: childrenOf(tree, parent).at(-1) ?? null };
}

/** All pages as entries of a list that drops down, found by title and address. */
export function pageOptions(tree: PageTree) {
  return [...tree.pages].map(([id, { title }]) => ({
    value: id,
    title,
    label: `${title} ${addressOf(tree, id)}`,
  }));
}

/** Every topic that a page has, in the order of the alphabet. */
export function topicsOf(tree: PageTree): string[] {
  return [...topicCounts(tree).keys()];
}

/** How many pages have each topic, in the order of the alphabet. */
export function topicCounts(tree: PageTree): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const page of tree.pages.values())
    for (const topic of page.topics) counts.set(topic, (counts.get(topic) ?? 0) + 1);
  return new Map([...counts].sort(([one], [other]) => one.localeCompare(other)));
}

/** Whether nothing shows any of the pages by itself; null where one of them always shows. */
export function hiddenFromMenus(tree: PageTree, pages: readonly string[]): boolean | null {
  const chosen = pages.flatMap((id) => tree.pages.get(id) ?? []);
  if (chosen.some((page) => page.id === tree.home || ALWAYS_OPEN.has(page.kind))) return null;
  return chosen.every((page) => page.reach !== "OPEN");
}

const ALWAYS_OPEN: ReadonlySet<Page["kind"]> = new Set(["SIGN_IN", "NOT_FOUND"]);
