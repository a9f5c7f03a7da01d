/** Searches a site that was taken away as files, in the list of its pages that lies beside them. */

type Page = readonly [title: string, address: string, topics: string, text: string];

/** What the list gives; sentences have the mark `asked` where what was asked belongs. */
type SiteSearch = {
  readonly asked: string;
  readonly found: readonly string[];
  readonly best: readonly string[];
  readonly fewer: string;
  readonly pages: readonly Page[];
};

/** Words as they are compared: without accents, capitals and signs. */
export function plain(text: string): string {
  return ` ${text
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim()}`;
}

/** The pages that have each word or a word that begins so; those with it in the title first, then in a topic. */
export function search(pages: readonly Page[], asked: string): readonly Page[] {
  const words = plain(asked).trim().split(" ").filter(Boolean);
  if (words.length === 0) return [];
  const weigh = (page: Page): number => {
    let weight = 0;
    for (const word of words) {
      const best = [page[0], page[2], page[3]].findIndex((part) => plain(part).includes(` ${word}`));
      if (best < 0) return 0;
      weight += [9, 3, 1][best] ?? 0;
    }
    return weight;
  };
  return pages
    .map((page) => ({ page, weight: weigh(page) }))
    .filter(({ weight }) => weight > 0)
    .sort((one, other) => other.weight - one.weight)
    .map(({ page }) => page);
}

function element(name: string, text: string): HTMLElement {
  const made = document.createElement(name);
  made.textContent = text;
  return made;
}

function show(site: SiteSearch, asked: string): void {
  const found = search(site.pages, asked);
  const named = found.slice(0, site.found.length - 1);
  const says =
    site.found[found.length] ?? site.best[Math.min(found.length - site.found.length, site.best.length - 1)];
  const status = element("p", (says ?? "").replace(site.asked, asked));
  status.setAttribute("role", "status");
  const list = element("ol", "");
  list.className = "found";
  for (const [title, address] of named) {
    const link = element("a", title);
    link.setAttribute("href", address);
    list.append(element("li", ""));
    list.lastElementChild?.append(link);
  }
  const main = document.querySelector("main");
  main?.append(status);
  if (named.length === 0) main?.append(element("p", site.fewer));
  main?.append(list);
}

if (typeof document !== "undefined") {
  const asked = (new URLSearchParams(location.search).get("q") ?? "").trim().slice(0, 100);
  const site = (window as { siteSearch?: SiteSearch }).siteSearch;
  const field = document.querySelector<HTMLInputElement>("#asked");
  if (field) field.value = asked;
  if (site && asked) show(site, asked);
}
