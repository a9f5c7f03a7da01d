/** What opens from a row that goes across: switched where one of several shows, and kept on the screen. */

import { keepOnScreen } from "./keep-on-screen";

const OPEN = "aria-expanded";

/** Shows what belongs to it instead of what belongs to its neighbours. */
const SWITCH = ".switched > li > .opener";

/** The buttons that open and close what is beneath a row. */
export function openers(): HTMLButtonElement[] {
  return [...document.querySelectorAll<HTMLButtonElement>(".across .opener")].filter(
    (opener) => !opener.matches(SWITCH),
  );
}

/** Opens or closes what is beneath a row, or switches to it. */
export function press(opener: HTMLElement): void {
  if (opener.matches(SWITCH)) {
    for (const each of opener.closest(".switched")?.querySelectorAll(":scope > li > .opener") ?? []) {
      each.setAttribute(OPEN, String(each === opener));
    }
  } else {
    opener.setAttribute(OPEN, String(opener.getAttribute(OPEN) !== "true"));
  }
  keepOnScreen(opener.closest("li"));
}

document.addEventListener("pointerover", (event) => {
  const target = event.target instanceof Element ? event.target : null;
  const choice = target?.closest(".switched > li")?.querySelector<HTMLElement>(":scope > .opener");
  if (choice && event.pointerType === "mouse") press(choice);
  for (let row = target?.closest(".across li"); row; row = row.parentElement?.closest(".across li")) {
    keepOnScreen(row);
  }
});
