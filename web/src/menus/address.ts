import type { Pointed } from "../window/useFrame";

/** The address of the Menus screen with a menu or an item selected. */
export function menusAddress(at: Pointed): string {
  const item = at.item ?? at.menu;
  if (item === null) return "/menus";
  return `/menus?item=${item}${at.item !== null && at.page !== null ? `&page=${at.page}` : ""}`;
}
