/** Moves what has opened beneath a row sideways, as far as it would leave the screen. */
export function keepOnScreen(row: Element | null): void {
  const list = row?.querySelector<HTMLElement>(":scope > ul");
  if (!list || getComputedStyle(list).position === "static") return;
  list.style.translate = "";
  const { left, right } = list.getBoundingClientRect();
  const beyond = right - document.documentElement.clientWidth;
  const by = left < 0 ? -left : beyond > 0 ? -Math.min(beyond, left) : 0;
  if (by !== 0) list.style.translate = `${by}px`;
}
