import type { ScopeDto } from "../api/client";
import type { WorkingCopy } from "../working-copy/store";
import { childrenOf, isInside, type PageTree, pageOf, topicsOf } from "../working-copy/tree";

const LISTS = new Intl.ListFormat("en-GB");

/** Tells a scope from all others. */
export function scopeKey(scope: ScopeDto): string {
  return [scope.kind, scope.page, scope.layout, scope.topic, ...(scope.pages ?? [])]
    .filter(Boolean)
    .join(" ");
}

/** What scopes are named by. */
export type Scoped = Pick<WorkingCopy, "tree" | "settings">;

export function scopeName({ tree, settings }: Scoped, scope: ScopeDto): string {
  const title = (page: string) => (tree.pages.has(page) ? pageOf(tree, page).title : "a page that is gone");
  switch (scope.kind) {
    case "EVERYWHERE":
      return "every page";
    case "SECTION":
      return `${title(scope.page ?? "")} and what is under it`;
    case "LAYOUT":
      return `pages of the layout ${settings.layouts.find(({ id }) => id === scope.layout)?.name ?? "that is gone"}`;
    case "TOPIC":
      return `the listing of the topic ${scope.topic}`;
    case "PAGES":
      return LISTS.format((scope.pages ?? []).map(title));
  }
}

const NOTHING = { page: null, layout: null, topic: null, pages: null } as const;

export const EVERYWHERE: ScopeDto = { ...NOTHING, kind: "EVERYWHERE" };

export function sectionScope(page: string): ScopeDto {
  return { ...NOTHING, kind: "SECTION", page };
}

export function layoutScope(layout: ScopeDto["layout"]): ScopeDto {
  return { ...NOTHING, kind: "LAYOUT", layout };
}

export function pagesScope(pages: readonly string[]): ScopeDto {
  return { ...NOTHING, kind: "PAGES", pages: [...pages].sort() };
}

export type ScopeChoice = { readonly scope: ScopeDto; readonly label: string };

/** What an edit begun at one page could be for, the widest first. */
export function scopesAt(tree: PageTree, page: string): readonly ScopeChoice[] {
  return [
    { scope: EVERYWHERE, label: "every page" },
    { scope: sectionScope(page), label: "it and what is under it" },
    { scope: layoutScope(tree.pages.get(page)?.layout ?? "STANDARD"), label: "its layout" },
    { scope: pagesScope([page]), label: "only this page" },
  ];
}

/** A page that a scope is about: the one given where it is among them, else the first; that one too where there is none. */
export function pageWithin(tree: PageTree, scope: ScopeDto, page: string): string {
  switch (scope.kind) {
    case "SECTION":
      return scope.page !== null && tree.pages.has(scope.page) && !isInside(tree, page, scope.page)
        ? scope.page
        : page;
    case "LAYOUT": {
      const isOf = (id: string) => tree.pages.get(id)?.layout === scope.layout;
      return isOf(page) ? page : ([...tree.pages.keys()].find(isOf) ?? page);
    }
    case "PAGES":
      return scope.pages?.includes(page) ? page : (scope.pages?.find((id) => tree.pages.has(id)) ?? page);
    default:
      return page;
  }
}

/** All scopes that an exception could be for: sections, layouts, listings of topics, single pages. */
export function scopesOf({ tree, settings }: Scoped): ScopeDto[] {
  const sections: ScopeDto[] = [];
  const pages: ScopeDto[] = [];
  for (const page of tree.pages.keys()) {
    if (childrenOf(tree, page).length > 0) sections.push(sectionScope(page));
    pages.push(pagesScope([page]));
  }
  const layouts = settings.layouts.map(({ id }) => layoutScope(id));
  const topics = topicsOf(tree).map((topic): ScopeDto => ({ ...NOTHING, kind: "TOPIC", topic }));
  return [...sections, ...layouts, ...topics, ...pages];
}
