/** Rows of which one at a time shows what is beneath it. */
export const SWITCHED = ".switched > li";

const OPENER = ":scope > .opener";

/** Shows what is beneath a row instead of what is beneath its neighbours; nothing where the row has nothing to show. */
export function switchTo(row: Element): void {
  const opener = row.querySelector(OPENER);
  if (opener === null) return;
  for (const neighbour of row.parentElement?.children ?? []) {
    const each = neighbour.querySelector(OPENER);
    each?.setAttribute("aria-expanded", String(each === opener));
  }
}
