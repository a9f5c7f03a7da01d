import { GateMark, KeyMark } from "../shared/marks";
import type { Page } from "../working-copy/tree";

export const REACHES = [
  { value: "OPEN", label: "Open" },
  { value: "BY_LINK_ONLY", label: "By link only", icon: <KeyMark /> },
  { value: "HELD_BACK", label: "Held back", icon: <GateMark /> },
] as const;

/** What each built-in page is for. */
export const BUILT_IN: Readonly<Partial<Record<Page["kind"], string>>> = {
  SEARCH: "finds pages by words",
  PAGE_INDEX: "lists all pages that are open",
  SIGN_IN: "lets members in",
  NOT_FOUND: "helps whoever has lost the way",
};
