import { Idiomorph } from "idiomorph";

/**
 * The script of the owner's window. It runs in a frame without an origin, hears messages from the editor that frames
 * it, and merges each new page into the one it shows, so that scroll, focus and open submenus stay.
 */
type Heard =
  | { readonly velnik: "show"; readonly html: string; readonly page: string }
  | { readonly velnik: "point"; readonly page: string };

/** Attributes that belong to whoever looks, not to the page. */
const KEPT = new Set(["aria-expanded", "open"]);

let shown = document.body.dataset.page ?? null;

function say(message: Readonly<Record<string, unknown>>): void {
  // The frame cannot know the editor's origin; nothing said here is secret.
  window.parent.postMessage(message, "*");
}

window.addEventListener("message", (event: MessageEvent<Heard>) => {
  if (event.source !== window.parent) return;
  const heard = event.data;
  if (heard.velnik === "show") show(heard.html);
  if (heard.velnik === "show" || heard.velnik === "point") point(heard.page);
});

function show(html: string): void {
  const fresh = new DOMParser().parseFromString(html, "text/html");
  const page = fresh.body.dataset.page ?? null;
  const same = page === shown;
  Idiomorph.morph(document.body, fresh.body.outerHTML, {
    ignoreActiveValue: true,
    callbacks: {
      beforeAttributeUpdated: (name: string) => !(same && KEPT.has(name)),
    },
  });
  document.title = fresh.title;
  if (!same) window.scrollTo(0, 0);
  shown = page;
}

/** Opens the submenu that holds the page's row and marks the row. */
function point(page: string): void {
  for (const row of document.querySelectorAll(".pointed, .held-open"))
    row.classList.remove("pointed", "held-open");
  for (const row of document.querySelectorAll(`[data-row="${CSS.escape(page)}"]`)) {
    row.classList.add("pointed");
    row.parentElement?.closest(".across [data-row]")?.classList.add("held-open");
    for (const folded of ancestors(row, ".drawer details")) folded.setAttribute("open", "");
  }
}

function ancestors(element: Element, selector: string): Element[] {
  const found: Element[] = [];
  for (let at = element.parentElement?.closest(selector); at; at = at.parentElement?.closest(selector))
    found.push(at);
  return found;
}

document.addEventListener("keydown", (event) => {
  if (event.key === "Escape") say({ velnik: "key", key: event.key });
});

say({ velnik: "here", page: shown });
