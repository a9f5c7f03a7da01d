import type { KindDto, MenuRowDto, Zone } from "../api/client";
import { counted } from "../shared/counted";

/** What kinds of item are called. */
export const KIND_WORDS: Readonly<Record<KindDto["kind"], string>> = {
  PAGE: "page",
  PLACE: "place on a page",
  WEB_LINK: "web link",
  MAIL: "mail address",
  PHONE: "phone number",
  PHONE_OF_BUSINESS: "phone number of the business",
  MAIL_OF_BUSINESS: "mail address of the business",
  CHANNELS: "channels of the business",
  FILE: "file",
  HEADING: "heading",
  TEXT: "text",
  WORDS: "block of words",
  PICTURE: "picture",
  SEARCH_FIELD: "search field",
  CONTACT_CARD: "contact card",
  FORM_OF_PAGE: "enquiry form",
  SUMMARY_OF_PAGE: "summary of a page",
  POSITION_MAP: "map",
  OTHER_MENU: "another menu",
  LIST: "list",
  LISTED: "page of the list",
};

/** As in "Everyone sees it *as a page*". */
export function asKind(kind: KindDto["kind"]): string {
  const words = KIND_WORDS[kind];
  if (kind === "OTHER_MENU" || kind === "CHANNELS") return `as ${words}`;
  return `as ${/^[aeiou]/.test(words) ? "an" : "a"} ${words}`;
}

/** What the label of a content block is on its card, and what stands in its place; null for what is no such block. */
export function titleOfBlock(kind: KindDto["kind"]): { readonly name: string; readonly none: string } | null {
  switch (kind) {
    case "PICTURE":
      return { name: "Caption", none: "none" };
    case "SEARCH_FIELD":
      return { name: "Prompt", none: "the usual one" };
    case "WORDS":
    case "FORM_OF_PAGE":
    case "POSITION_MAP":
      return { name: "Title", none: "none" };
    case "CONTACT_CARD":
      return { name: "Title", none: "the name of the business" };
    case "SUMMARY_OF_PAGE":
      return { name: "Title", none: "the page’s" };
    default:
      return null;
  }
}

export const ZONE_WORDS: Readonly<Record<Zone, string>> = {
  HEADER: "Header",
  ABOVE: "Above the text",
  SIDEBAR: "Sidebar",
  BESIDE: "Beside the text",
  BELOW: "Below the text",
  FOOTER: "Footer",
  PHONE_DRAWER: "Phone drawer",
};

export function listWords(row: MenuRowDto, titleOf: (page: string) => string): string {
  const list = row.kind.list;
  if (!list) return "";
  const levels = counted(list.levels, "# level", "# levels");
  switch (list.source) {
    case "WHOLE_TREE":
      return `the whole page tree, ${levels}`;
    case "UNDER":
      return `what is under ${list.page === null ? "a page" : titleOf(list.page)}, ${levels}`;
    case "UNDER_VISITED":
      return `what is under the visited page, ${levels}`;
    case "OF_TOPIC":
      return `pages of the topic ${list.topic}`;
    case "NEWEST":
      return "the newest pages";
  }
}

/** Where a row shows, when that is not everywhere. */
export function deviceWords(row: MenuRowDto): string | null {
  return row.devices.length > 1
    ? null
    : row.devices[0] === "PHONE"
      ? "on phones only"
      : "on wide screens only";
}

/** As in "*Everyone sees* it as a page". */
export function whoSees(row: Pick<MenuRowDto, "shownTo">): string {
  const who = visitorWords(row);
  return who === "Members" ? `${who} see` : `${who} sees`;
}

/** Which visitors see a row. */
export function visitorWords(row: Pick<MenuRowDto, "shownTo">): "Everyone" | "Members" | "Everyone else" {
  return row.shownTo.length > 1 ? "Everyone" : row.shownTo[0] === "MEMBER" ? "Members" : "Everyone else";
}
