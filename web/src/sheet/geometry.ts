/** Pixels: the column of pages, one of a menu, and the row of their names. */
export const FIRST = window.matchMedia("(max-width: 700px)").matches ? 160 : 284;
export const COLUMN = 142;
export const HEAD = 46;
