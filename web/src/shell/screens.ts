import { apart } from "./apart";

export const MenusScreen = apart(() => import("../menus/MenusScreen"));
export const ZonesScreen = apart(() => import("../zones/ZonesScreen"));
export const SheetScreen = apart(() => import("../sheet/SheetScreen"));
export const MembersScreen = apart(() => import("../people/MembersScreen"));
export const BinScreen = apart(() => import("../bin/BinScreen"));
export const WaitingScreen = apart(() => import("../releases/WaitingScreen"));
