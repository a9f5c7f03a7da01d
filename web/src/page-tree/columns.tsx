import type { ReactNode } from "react";
import type { PlacingDto } from "../api/client";
import { ZONE_WORDS } from "../menus/words";
import type { Page } from "../working-copy/tree";
import { REACHES } from "./options";

/** What can be seen of a page beside its title, and how wide. */
export const WIDTHS = {
  Address: "minmax(0, 27fr)",
  "Shown in": "minmax(0, 17fr)",
  Zones: "minmax(0, 15fr)",
  Reach: "minmax(0, 12fr)",
  Periods: "minmax(0, 17fr)",
  "Clicks from home": "104px",
} as const;

export type Column = keyof typeof WIDTHS;

export const COLUMNS = Object.keys(WIDTHS) as Column[];

/** Away until they are wanted: the marks of reach and periods stand with the titles, and menus say most of what zones do. */
export const AWAY: readonly Column[] = ["Zones", "Reach", "Periods"];

export function contentsOf(
  page: Page,
  address: string,
  placing: PlacingDto | undefined,
): Readonly<Record<Column, ReactNode>> {
  return {
    Address: address,
    "Shown in": placing?.menus.join(", "),
    Zones: placing?.zones.map((zone) => ZONE_WORDS[zone]).join(", "),
    Reach: [REACHES.find((reach) => reach.value === page.reach)?.label, page.membersOnly && "members only"]
      .filter(Boolean)
      .join(", "),
    Periods: placing?.periods,
    "Clicks from home": (
      <span key="clicks" className="number">
        {placing?.clicks ?? "–"}
      </span>
    ),
  };
}
