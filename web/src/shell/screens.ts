import { apart } from "./apart";

export const PageTreeScreen = apart(() => import("../page-tree/PageTreeScreen"));
export const MenusScreen = apart(() => import("../menus/MenusScreen"));
export const ZonesScreen = apart(() => import("../zones/ZonesScreen"));
export const LooksScreen = apart(() => import("../looks/LooksScreen"));
export const SheetScreen = apart(() => import("../sheet/SheetScreen"));
export const MembersScreen = apart(() => import("../people/MembersScreen"));
export const AddressesScreen = apart(() => import("../addresses/AddressesScreen"));
export const BusinessScreen = apart(() => import("../business/BusinessScreen"));
export const FilesScreen = apart(() => import("../files/FilesScreen"));
export const MessagesScreen = apart(() => import("../messages/MessagesScreen"));
export const TopicsScreen = apart(() => import("../topics/TopicsScreen"));
export const BackupsScreen = apart(() => import("../backups/BackupsScreen"));
export const ExchangeScreen = apart(() => import("../exchange/ExchangeScreen"));
export const BinScreen = apart(() => import("../bin/BinScreen"));
export const WaitingScreen = apart(() => import("../releases/WaitingScreen"));

/** No screen, but seldom needed either. */
export const KeysHelp = apart(() => import("./KeysHelp"));
export const GoTo = apart(() => import("./GoTo"));

/** Fetches what was left for later, so that it is there at once, and though the connection be lost by then. */
export async function fetchAhead(): Promise<void> {
  const all = [
    KeysHelp,
    GoTo,
    PageTreeScreen,
    MenusScreen,
    ZonesScreen,
    LooksScreen,
    SheetScreen,
    AddressesScreen,
    WaitingScreen,
    BusinessScreen,
    FilesScreen,
    MessagesScreen,
    TopicsScreen,
    ExchangeScreen,
    BackupsScreen,
    BinScreen,
    MembersScreen,
  ];
  for (const part of all) await part.fetch().catch(() => {}); // it is asked for again when it is needed
}
