import type { Look } from "../looks/looks";

/** How the site is looked at. */
export type As = {
  /** On which day; null for now. */
  readonly day: string | null;
  readonly member: boolean;
  /** In which look; null for that of the site. */
  readonly look: Look | null;
  /** With what is not yet open too, marked. */
  readonly unopened: boolean;
  /** What visitors get now, instead of the working copy. */
  readonly live: boolean;
};

/** The working copy as a visitor would get it now. */
export const AS_IT_IS: As = { day: null, member: false, look: null, unopened: false, live: false };

/** By its id too, since an edit on its way may give the page another address. */
export function addressIn(base: string, address: string, page: string, as: As, words: string): string {
  return lookedAt(`${base}${address}`, new URLSearchParams({ page }), as, words);
}

export function lookedAt(path: string, asked: URLSearchParams, as: As, words: string): string {
  if (as.day !== null) asked.set("day", as.day);
  if (as.member) asked.set("member", "true");
  if (as.look !== null) asked.set("look", as.look);
  if (as.unopened) asked.set("unopened", "true");
  if (as.live) asked.set("live", "true");
  if (words !== "") asked.set("q", words);
  return `${path}?${asked}`;
}
