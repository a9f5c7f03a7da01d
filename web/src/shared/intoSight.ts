/** As a `ref`: brings what has come up into sight, which at the lower edge of an outline it would not be. */
export function intoSight(element: Element | null): void {
  element?.scrollIntoView({ block: "nearest" });
}
