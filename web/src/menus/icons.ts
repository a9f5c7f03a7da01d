/** The icons that items can show, by the words they are found by; drawn by the visitor site. */
export const ICONS = [
  "anchor",
  "arrow",
  "boat",
  "calendar",
  "clock",
  "cup",
  "house",
  "info",
  "mail",
  "people",
  "phone",
  "pin",
  "search",
  "tool",
  "wave",
] as const;
