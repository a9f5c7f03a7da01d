import type { PlacingDto } from "../api/client";
import { plain } from "../shared/plain";
import type { Page, PageTree } from "../working-copy/tree";

/** What pages are looked for; all that is asked for has to hold. */
export type Filter = {
  /** Part of a title, accents and capitals aside; empty for any. */
  readonly text: string;
  readonly asked: ReadonlySet<Asked>;
};

export const ASKED = ["unplaced", "withheld", "changed"] as const;
export type Asked = (typeof ASKED)[number];

export const EVERYTHING: Filter = { text: "", asked: new Set() };

export function filters(filter: Filter): boolean {
  return filter.text.trim() !== "" || filter.asked.size > 0;
}

/** What is known of pages beside the tree. */
export type Known = {
  readonly placings: Readonly<Record<string, PlacingDto>>;
  /** Pages with something that waits to be published. */
  readonly changed: ReadonlySet<string>;
};

const HOLDS: Readonly<Record<Asked, (page: Page, tree: PageTree, known: Known) => boolean>> = {
  unplaced: (page, tree, known) => page.id !== tree.home && known.placings[page.id]?.menus.length === 0,
  withheld: (page) => page.reach !== "OPEN",
  changed: (page, _tree, known) => known.changed.has(page.id),
};

/** The pages for which one question holds. */
export function pagesFor(tree: PageTree, known: Known, asked: Asked): string[] {
  return [...tree.pages.values()].filter((page) => HOLDS[asked](page, tree, known)).map((page) => page.id);
}

const plainTitles = new WeakMap<Page, string>();

/** A page's title without accents and capitals; a page that is altered is another value. */
function plainTitle(page: Page): string {
  const known = plainTitles.get(page) ?? plain(page.title);
  plainTitles.set(page, known);
  return known;
}

/** The pages that a filter finds. */
export function found(tree: PageTree, known: Known, filter: Filter): string[] {
  const text = plain(filter.text.trim());
  const asked = [...filter.asked].map((each) => HOLDS[each]);
  return [...tree.pages.values()]
    .filter((page) => plainTitle(page).includes(text) && asked.every((holds) => holds(page, tree, known)))
    .map((page) => page.id);
}
