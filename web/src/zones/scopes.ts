import type { ScopeDto } from "../api/client";
import { childrenOf, type PageTree, pageOf } from "../working-copy/tree";

/** Tells a scope from all others. */
export function scopeKey(scope: ScopeDto): string {
  return [scope.kind, scope.page, scope.layout, ...(scope.pages ?? [])].filter(Boolean).join(" ");
}

export function scopeName(tree: PageTree, scope: ScopeDto): string {
  const title = (page: string) => (tree.pages.has(page) ? pageOf(tree, page).title : "a page that is gone");
  switch (scope.kind) {
    case "EVERYWHERE":
      return "every page";
    case "SECTION":
      return `${title(scope.page ?? "")} and what is under it`;
    case "LAYOUT":
      return `pages of the layout ${(scope.layout ?? "").toLowerCase()}`;
    case "PAGES":
      return (scope.pages ?? []).map(title).join(", ");
  }
}

export function pagesScope(pages: readonly string[]): ScopeDto {
  return { kind: "PAGES", page: null, layout: null, pages: [...pages].sort() };
}

/** All scopes that an exception could be for: sections, layouts, single pages. */
export function scopesOf(tree: PageTree): ScopeDto[] {
  const sections: ScopeDto[] = [];
  const pages: ScopeDto[] = [];
  for (const page of tree.pages.keys()) {
    if (childrenOf(tree, page).length > 0)
      sections.push({ kind: "SECTION", page, layout: null, pages: null });
    pages.push(pagesScope([page]));
  }
  const layouts = (["STANDARD", "WIDE", "LANDING"] as const).map(
    (layout): ScopeDto => ({ kind: "LAYOUT", page: null, layout, pages: null }),
  );
  return [...sections, ...layouts, ...pages];
}

export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
