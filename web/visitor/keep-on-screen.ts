/** Pixels that stay free at either side. */
const EDGE = 8;

/** Moves what has opened beneath a row sideways, as far as it would leave the screen. */
export function keepOnScreen(row: Element | null): void {
  const list = row?.querySelector<HTMLElement>(":scope > ul");
  if (!list || getComputedStyle(list).position === "static") return;
  list.style.translate = "";
  const { left, right } = list.getBoundingClientRect();
  const beyond = right + EDGE - document.documentElement.clientWidth;
  const by = left < EDGE ? EDGE - left : beyond > 0 ? -Math.min(beyond, left - EDGE) : 0;
  if (by !== 0) list.style.translate = `${by}px`;
}
