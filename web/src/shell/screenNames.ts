/** The screens of the editor by their addresses, as they are called everywhere. */
export const SCREENS = [
  { path: "/pages", name: "Pages" },
  { path: "/menus", name: "Menus" },
  { path: "/zones", name: "Zones" },
  { path: "/looks", name: "Looks" },
  { path: "/addresses", name: "Addresses" },
  { path: "/waiting", name: "What waits" },
  { path: "/files", name: "Files" },
  { path: "/messages", name: "Messages", seldom: true },
  { path: "/business", name: "The business", seldom: true },
  { path: "/topics", name: "Topics and layouts", seldom: true },
  { path: "/exchange", name: "Import and export", seldom: true },
  { path: "/bin", name: "Bin", seldom: true },
  { path: "/backups", name: "Backups", seldom: true, ownersOnly: true },
  { path: "/members", name: "Members", seldom: true, ownersOnly: true },
] as const;

export const SHEET = { path: "/pages/sheet", name: "Placing sheet" } as const;

/** What the screen at an address is called. */
export function screenAt(area: string): string {
  if (area === SHEET.path) return SHEET.name;
  return SCREENS.find(({ path }) => area === path || area.startsWith(`${path}/`))?.name ?? "Pages";
}
