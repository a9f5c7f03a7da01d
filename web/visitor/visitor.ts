/**
 * Improves a visitor's page that works without it: submenus open by their buttons, close by Escape and when the focus
 * leaves, and only one is open at a time.
 */

import { closeFolded, fit, restore } from "./overflow";
import { openers, press } from "./panels";
import { listen } from "./sheet";

const OPEN = "aria-expanded";
/** What is unfolded over the page and not in it. */
const LAID_OVER =
  ".sheet[open], .side[open], .header .behind[open], .header .folding > ul > li > details[open]";

/** Whether what it shows covers the page in this look; at a side it has room of its own. */
function covers(over: HTMLDetailsElement): boolean {
  const shown = over.lastElementChild;
  return shown !== null && getComputedStyle(shown).position !== "static";
}

function rowOf(opener: Element): HTMLLIElement | null {
  return opener.closest("li");
}

function close(except: Element | null): void {
  for (const opener of openers()) {
    if (!except || !rowOf(opener)?.contains(except)) opener.setAttribute(OPEN, "false");
  }
  for (const over of document.querySelectorAll<HTMLDetailsElement>(LAID_OVER)) {
    if (!over.contains(except) && covers(over)) over.open = false;
  }
  closeFolded(except);
}

// Only where script runs does the button decide; before, pointing and focus do.
document.documentElement.classList.add("scripted");

document.addEventListener("click", (event) => {
  const target = event.target instanceof Element ? event.target : null;
  const opener = target?.closest<HTMLButtonElement>(".across .opener") ?? null;
  close(target);
  if (opener) {
    document.documentElement.classList.remove("dismissed");
    press(opener);
  }
});

document.addEventListener("focusin", (event) => {
  close(event.target instanceof Element ? event.target : null);
});

document.addEventListener("keydown", (event) => {
  if (event.key !== "Escape") return;
  const inside = document.activeElement?.closest(".across > ul > li");
  const over = document.activeElement?.closest<HTMLDetailsElement>(`.drawer[open], ${LAID_OVER}`);
  if (inside) inside.querySelector<HTMLButtonElement>(".opener")?.focus();
  else if (over) {
    over.open = false;
    over.querySelector("summary")?.focus();
  }
  close(null);
  document.documentElement.classList.add("dismissed");
});

// A submenu that Escape closed under the pointer opens again once the pointer has gone and come back.
document.addEventListener("pointerover", (event) => {
  if (event.target instanceof Element && !event.target.closest(".across")) {
    document.documentElement.classList.remove("dismissed");
  }
});

// The owner's window merges pages into this one: it needs them as they were sent.
document.addEventListener("velnik:before-merge", restore);
document.addEventListener("velnik:after-merge", fit);
listen();
// A phone's own bars come and go as one scrolls, which changes the height alone.
let width = innerWidth;
addEventListener("resize", () => {
  if (innerWidth === width) return;
  width = innerWidth;
  fit();
});
fit();
