import { Idiomorph } from "idiomorph";
import { keepOnScreen } from "./keep-on-screen";
import { SWITCHED, switchTo } from "./switches";

/** What the owner has selected in the editor; what is null does not matter. */
type Pointed = {
  readonly menu: string | null;
  readonly item: string | null;
  readonly page: string | null;
};

/**
 * The script of the owner's window. It runs in a frame without an origin, hears messages from the editor that frames
 * it, and merges each new page into the one it shows, so that scroll, focus and open submenus stay.
 */
type Heard =
  | { readonly velnik: "show"; readonly html: string; readonly pointed: Pointed }
  | { readonly velnik: "point"; readonly pointed: Pointed }
  /** Whether a click chooses for editing instead of following a link. */
  | { readonly velnik: "choose"; readonly on: boolean }
  /** What the page wears while something is tuned, and whether as on a device that asks for dark pages. */
  | { readonly velnik: "wear"; readonly stylesheets: readonly string[]; readonly dark: boolean };

/** Attributes that belong to whoever looks, not to the page. */
const KEPT = new Set(["aria-expanded", "open"]);

/** The look that was asked for, which goes along where a link leads. */
const look = new URLSearchParams(location.search).get("look");

let shown = document.body.dataset.page ?? null;
let choosing = false;
let over = "";

function say(message: Readonly<Record<string, unknown>>): void {
  // The frame cannot know the editor's origin; nothing said here is secret.
  window.parent.postMessage(message, "*");
}

window.addEventListener("message", (event: MessageEvent<Heard>) => {
  if (event.source !== window.parent) return;
  const heard = event.data;
  if (heard.velnik === "choose") {
    choosing = heard.on;
    document.documentElement.classList.toggle("choosing", choosing);
    return;
  }
  if (heard.velnik === "wear") {
    wear(heard.stylesheets);
    document.documentElement.style.colorScheme = heard.dark ? "dark" : "light";
    return;
  }
  if (heard.velnik === "show") show(heard.html);
  if (heard.velnik === "show" || heard.velnik === "point") point(heard.pointed);
});

function show(html: string): void {
  const fresh = new DOMParser().parseFromString(html, "text/html");
  const page = fresh.body.dataset.page ?? null;
  const same = page === shown;
  document.dispatchEvent(new Event("velnik:before-merge"));
  Idiomorph.morph(document.body, fresh.body, {
    ignoreActiveValue: true,
    callbacks: {
      // Most of a page stays as it is, and the browser sees that many times faster than a walk through it.
      beforeNodeMorphed: (old: Node, next: Node) => !old.isEqualNode(next),
      beforeAttributeUpdated: (name: string) => !(same && KEPT.has(name)),
    },
  });
  document.dispatchEvent(new Event("velnik:after-merge"));
  wear(worn(fresh).map((link) => link.getAttribute("href") ?? ""));
  document.title = fresh.title;
  if (!same) window.scrollTo(0, 0);
  shown = page;
}

/** The addresses of the style sheets that are to be worn. */
let wanted: readonly string[] = [];

/** Puts on other style sheets; those before stay until all of them are there. */
function wear(stylesheets: readonly string[]): void {
  wanted = stylesheets;
  const there = worn().map((link) => link.getAttribute("href"));
  for (const href of stylesheets) {
    if (there.includes(href)) continue;
    const link = document.createElement("link");
    link.rel = "stylesheet";
    link.href = href;
    link.addEventListener("load", takeOff);
    link.addEventListener("error", () => link.remove());
    document.head.append(link);
  }
  takeOff();
}

function takeOff(): void {
  const there = worn().filter((link) => link.sheet !== null);
  if (!wanted.every((href) => there.some((link) => link.getAttribute("href") === href))) return;
  for (const link of worn()) if (!wanted.includes(link.getAttribute("href") ?? "")) link.remove();
  waitForType();
}

/** Who judges a look must see its type, however late it comes. */
function waitForType(): void {
  for (const face of document.fonts) face.display = "swap";
}

const worn = (within: Document = document) => [
  ...within.querySelectorAll<HTMLLinkElement>("link[rel=stylesheet]"),
];

function selectorOf({ menu, item, page }: Pointed): string | null {
  if (item !== null) {
    return `[data-item="${CSS.escape(item)}"]${page === null ? "" : `[data-row="${CSS.escape(page)}"]`}`;
  }
  if (page !== null) return `[data-row="${CSS.escape(page)}"]`;
  return menu === null ? null : `[data-menu="${CSS.escape(menu)}"]`;
}

let pointedLast = "";

/** What was folded until a row in it was selected. */
let unfolded: Element[] = [];

/**
 * Marks what is selected wherever it is shown, unfolds the first place of it, and brings that into sight when it is new.
 * The editor hears from where to where it reaches across the page, since the frame is wider than what is seen of it.
 */
function point(pointed: Pointed): void {
  for (const row of document.querySelectorAll(".pointed, .held-open"))
    row.classList.remove("pointed", "held-open");
  const selector = selectorOf(pointed) ?? "";
  const isNew = pointedLast !== selector;
  pointedLast = selector;
  if (isNew) {
    for (const folded of unfolded) folded.removeAttribute("open");
    unfolded = [];
  }
  const rows = selector === "" ? [] : [...document.querySelectorAll(selector)];
  for (const row of rows) row.classList.add("pointed");
  const first = rows.find(isWithinSight) ?? null;
  for (const above of ancestors(first, ".across li").reverse()) {
    above.classList.add("held-open");
    keepOnScreen(above);
  }
  for (const row of [first, ...ancestors(first, SWITCHED)]) if (row?.matches(SWITCHED)) switchTo(row);
  first?.closest(".is-folded")?.classList.add("held-open");
  // A page that is selected is in sight itself; its row need not be.
  const isOfMenu = (pointed.item ?? pointed.menu) !== null;
  if (isOfMenu && first?.matches(".across li:has(> .panel, > ul > .block)")) {
    first.classList.add("held-open"); // so that its arrangement is seen, or its block
    keepOnScreen(first);
  }
  if (first && isNew && isOfMenu) {
    unfolded = ancestors(first, "details:not([open])");
    for (const folded of unfolded) folded.setAttribute("open", "");
    first.scrollIntoView({ block: "nearest" });
  }
  if (isNew) say({ velnik: "at", ...acrossOf(isOfMenu ? first : null) });
}

/** From where to where a row reaches across the page, with what stands open beneath it or around it. */
function acrossOf(row: Element | null): { readonly left: number; readonly right: number } {
  const open = row === null ? [] : document.querySelectorAll(".held-open > ul");
  const reaches = [row, ...open].flatMap((each) => each?.getBoundingClientRect() ?? []);
  if (reaches.length === 0) return { left: 0, right: 0 };
  return {
    left: Math.min(...reaches.map((each) => each.left)),
    right: Math.max(...reaches.map((each) => each.right)),
  };
}

/** Whether it is seen, or would be with what it stands in unfolded. */
function isWithinSight(row: Element): boolean {
  const holder = row.closest(".drawer") ?? row.closest("nav");
  return holder !== null && holder.getClientRects().length > 0;
}

function ancestors(element: Element | null, selector: string): Element[] {
  const found: Element[] = [];
  for (let at = element?.parentElement?.closest(selector); at; at = at.parentElement?.closest(selector))
    found.push(at);
  return found;
}

/** The menu and item under the pointer. */
function under(target: EventTarget | null): Pointed | null {
  if (!(target instanceof Element)) return null;
  const menu = target.closest<HTMLElement>("[data-menu]");
  if (!menu) return null;
  const row = target.closest<HTMLElement>("[data-item]");
  return {
    menu: menu.dataset.menu ?? null,
    item: row?.dataset.item ?? null,
    page: row?.dataset.row ?? null,
  };
}

document.addEventListener("pointerover", (event) => {
  const pointed = under(event.target);
  const now = JSON.stringify(pointed);
  if (now === over) return;
  over = now;
  say({ velnik: "over", pointed });
});

// Before the page's own handlers, so that choosing opens nothing.
document.addEventListener(
  "click",
  (event) => {
    const pointed = under(event.target);
    if (pointed && (choosing || event.altKey)) {
      event.preventDefault();
      event.stopPropagation();
      say({ velnik: "chosen", pointed });
      return;
    }
    const link = event.target instanceof Element ? event.target.closest("a") : null;
    const address = link?.getAttribute("href") ?? "#";
    if (!address.startsWith("/-/window/") && !address.startsWith("#")) {
      event.preventDefault(); // it leads out of the site, and this is a window, not a browser
      say({ velnik: "outside", address });
    } else if (link && look !== null && !address.startsWith("#")) {
      link.setAttribute("href", `${link.pathname}?${new URLSearchParams({ look })}${link.hash}`);
    }
  },
  true,
);

// The editor keeps what was asked and who looks, so that an edit shows other answers and not the page without any.
document.addEventListener("submit", (event) => {
  event.preventDefault();
  const form = event.target as HTMLFormElement;
  if (form.method === "post") {
    say({ velnik: "signed", in: form.elements.namedItem("password") !== null });
    return;
  }
  say({ velnik: "asked", words: String(new FormData(form).get("q") ?? "") });
});

document.addEventListener("keydown", (event) => {
  if (event.key === "Escape") say({ velnik: "key", key: event.key });
});

waitForType();
say({ velnik: "here", page: shown, path: location.pathname });
