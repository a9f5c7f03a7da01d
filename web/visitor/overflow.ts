/**
 * What a row of menu items does when the page is too narrow for it, where its owner chose other than wrapping: the last
 * items go under a "More", or the whole row folds to a button. Without script the row wraps.
 */

const MENUS = ".menu.across.if-long-more, .menu.across.if-long-fold";

/** Puts every row back as it was sent. */
export function restore(): void {
  for (const more of document.querySelectorAll(".across > ul > .more")) {
    const list = more.parentElement;
    for (const item of more.querySelectorAll(":scope > ul > li")) list?.insertBefore(item, more);
    more.remove();
  }
  for (const button of document.querySelectorAll(".menu > .unfold")) {
    for (const list of button.parentElement?.querySelectorAll<HTMLElement>("ul[data-arranged]") ?? []) {
      list.className = list.dataset.arranged ?? "";
      delete list.dataset.arranged;
    }
    button.parentElement?.classList.remove("is-folded", "is-open");
    button.remove();
  }
}

/** Closes what lies over the page, except where somebody is; whoever was there gets back to its button. */
export function closeFolded(except: Element | null): void {
  for (const menu of document.querySelectorAll(".header .is-open")) {
    if (menu.contains(except)) continue;
    const button = menu.querySelector<HTMLElement>(":scope > .unfold");
    if (menu.contains(document.activeElement)) button?.focus();
    menu.classList.remove("is-open");
    button?.setAttribute("aria-expanded", "false");
  }
}

/** Looks at every such row anew. */
export function fit(): void {
  restore();
  for (const menu of document.querySelectorAll<HTMLElement>(MENUS)) {
    const list = menu.querySelector<HTMLElement>(":scope > ul");
    if (!list || !wraps(list)) continue;
    if (menu.classList.contains("if-long-fold")) fold(menu, list);
    else shorten(list);
  }
}

function wraps(list: HTMLElement): boolean {
  const [first] = list.children;
  const last = list.lastElementChild;
  return first instanceof Element && last instanceof Element && topOf(last) > topOf(first) + 2;
}

/** A row whose own box is gone, so that what is beneath it gets a row of its own, begins where its first part does. */
function topOf(row: Element): number {
  const box = row.getClientRects().length > 0 ? row : (row.firstElementChild ?? row);
  return box.getBoundingClientRect().top;
}

function shorten(list: HTMLElement): void {
  const more = document.createElement("li");
  more.className = "more";
  more.innerHTML = '<button type="button" class="opener words" aria-expanded="false"></button><ul></ul>';
  more.querySelector("button")?.append(document.body.dataset.more ?? "");
  const under = more.querySelector("ul");
  list.append(more);
  while (wraps(list) && more.previousElementSibling && under) under.prepend(more.previousElementSibling);
}

function fold(menu: HTMLElement, list: HTMLElement): void {
  const button = document.createElement("button");
  button.type = "button";
  button.className = "unfold";
  button.textContent = document.body.dataset.fold ?? "";
  button.setAttribute("aria-expanded", "false");
  button.addEventListener("click", () => {
    button.setAttribute("aria-expanded", String(menu.classList.toggle("is-open")));
  });
  // One under the other there is no room for what stands side by side or beside its switches.
  for (const arranged of list.querySelectorAll<HTMLElement>("ul.panel")) {
    arranged.dataset.arranged = arranged.className;
    arranged.className = "";
  }
  menu.insertBefore(button, list);
  menu.classList.add("is-folded");
}
