// Puts the menus of a zone into a page of another website. What stands in the element is shown until they are there,
// and stays where they cannot be got. Whatever the page's own style sheet says of these elements goes before ours.

interface Item {
  label: string;
  address?: string;
  note?: string;
  current?: "page" | "trail";
  only?: "wide" | "phone";
  newTab?: boolean;
  items?: Item[];
}

interface Feed {
  menus: { items: Item[] }[];
}

const OPEN = "[data-velnik-zone] details[open]";

const STYLE = `
:where([data-velnik-zone] ul){display:flex;flex-flow:var(--velnik-direction,row wrap);gap:var(--velnik-gap,.25em 1.25em);align-items:baseline;margin:0;padding:0;list-style:none}
:where([data-velnik-zone] li){position:relative}
:where([data-velnik-zone] a){color:var(--velnik-ink,inherit);text-decoration:none}
:where([data-velnik-zone] details>ul :is(a,span)){display:inline-block;padding-block:.2em}
:where([data-velnik-zone] a:hover){text-decoration:underline}
:where([data-velnik-zone] [aria-current],[data-velnik-zone] .trail){font-weight:var(--velnik-current-weight,600)}
:where([data-velnik-zone] small){display:block;opacity:.8}
:where([data-velnik-zone] details){display:inline-block}
:where([data-velnik-zone] summary){padding-inline:.45em;list-style:none;cursor:pointer}
:where([data-velnik-zone] summary>*){margin-inline:-.45em .4em}
:where([data-velnik-zone] summary)::-webkit-details-marker{display:none}
:where([data-velnik-zone] summary)::after{content:"";display:inline-block;border:.3em solid transparent;border-block-start-color:currentcolor;translate:0 .15em}
:where([data-velnik-zone] [open]>summary)::after{rotate:180deg;translate:0 -.15em}
:where([data-velnik-zone] details>ul){position:absolute;z-index:1;flex-flow:column;align-items:start;min-width:max-content;padding:.6em .9em;color:var(--velnik-panel-ink,#1c1c1c);background:var(--velnik-panel,#fff);border:1px solid var(--velnik-edge,#888);border-radius:var(--velnik-corner,.3em)}
:where([data-velnik-zone] details details>ul){position:static;border:0;padding:.3em 0 0 .9em}
@media (min-width:700px){:where([data-velnik-zone] .phone){display:none}}
@media (max-width:699.98px){:where([data-velnik-zone] .wide){display:none}}`;

function element<Name extends keyof HTMLElementTagNameMap>(name: Name, ...within: (Node | string)[]) {
  const made = document.createElement(name);
  made.append(...within);
  return made;
}

function link(item: Item): HTMLElement {
  const words = element("span", item.label, ...(item.note ? [element("small", item.note)] : []));
  if (!item.address) {
    return words;
  }
  const made = element("a", words);
  made.href = item.address;
  if (item.current === "page") {
    made.ariaCurrent = "page";
  } else if (item.current) {
    made.className = item.current;
  }
  if (item.newTab) {
    made.target = "_blank";
    made.rel = "noopener";
  }
  return made;
}

function row(item: Item): HTMLLIElement {
  const made = element("li");
  if (item.only) {
    made.className = item.only;
  }
  if (!item.items) {
    made.append(link(item));
    return made;
  }
  const summary = element("summary");
  if (item.address) {
    made.append(link(item), " ");
    summary.ariaLabel = item.label;
  } else {
    summary.append(link(item));
  }
  made.append(element("details", summary, list(item.items)));
  return made;
}

const list = (items: Item[]): HTMLUListElement => element("ul", ...items.map(row));

/** Open is one at a time, with those it is in. */
function closeOthers({ target }: Event) {
  for (const open of document.querySelectorAll<HTMLDetailsElement>(OPEN)) {
    open.open = open.contains(target as Node);
  }
}

function closeByKey({ key }: KeyboardEvent) {
  const open = document.activeElement?.closest<HTMLDetailsElement>(OPEN);
  if (key === "Escape" && open) {
    open.open = false;
    open.querySelector("summary")?.focus();
  }
}

async function show(place: HTMLElement, base: string) {
  const { velnikZone, velnikPage } = place.dataset;
  const address = new URL(`menus/${velnikZone}.json`, base);
  if (velnikPage) {
    address.searchParams.set("page", velnikPage);
  }
  try {
    const answer = await fetch(address, { credentials: "omit" });
    if (!answer.ok) {
      throw new Error(`it answered ${answer.status}`);
    }
    const feed = (await answer.json()) as Feed;
    if (feed.menus.length) {
      place.replaceChildren(...feed.menus.map((menu) => list(menu.items)));
    }
  } catch (reason) {
    console.warn(
      `The menus of ${address} are not shown (${reason}). Is ${location.origin} among the websites allowed?`,
    );
  }
}

const script = document.currentScript as HTMLScriptElement | null;
if (script) {
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(STYLE);
  document.adoptedStyleSheets.push(sheet);
  const begin = () => {
    for (const place of document.querySelectorAll<HTMLElement>("[data-velnik-zone]")) {
      show(place, script.src);
    }
  };
  if (document.readyState === "loading") {
    document.addEventListener("DOMContentLoaded", begin);
  } else {
    begin();
  }
  document.addEventListener("click", closeOthers);
  document.addEventListener("keydown", closeByKey);
}
