/** What opens from a row that goes across: switched where one of several shows, and kept on the screen. */

import { keepOnScreen } from "./keep-on-screen";
import { SWITCHED, switchTo } from "./switches";

const OPEN = "aria-expanded";

/** The buttons that open and close what is beneath a row. */
export function openers(): HTMLButtonElement[] {
  return [...document.querySelectorAll<HTMLButtonElement>(".across .opener")].filter(
    (opener) => !opener.parentElement?.matches(SWITCHED),
  );
}

/** Opens or closes what is beneath a row, or switches to it. */
export function press(opener: HTMLElement): void {
  const row = opener.closest("li");
  if (row?.matches(SWITCHED)) switchTo(row);
  else opener.setAttribute(OPEN, String(opener.getAttribute(OPEN) !== "true"));
  keepOnScreen(row);
}

document.addEventListener("pointerover", (event) => {
  const target = event.target instanceof Element ? event.target : null;
  const choice = target?.closest(SWITCHED);
  if (choice && event.pointerType === "mouse") switchTo(choice);
  for (let row = target?.closest(".across li"); row; row = row.parentElement?.closest(".across li")) {
    keepOnScreen(row);
  }
});
