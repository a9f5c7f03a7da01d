/** Pixels that each level goes in. */
export const INDENT = 26;
/** Pixels of the columns' names, which stay in sight above the rows. */
export const HEAD = 25;

/** Pixels from the outline's edge to the text of a row at a level. */
export function indent(level: number): number {
  return 42 + (level - 1) * INDENT;
}
