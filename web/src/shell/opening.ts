import type { QueryClient } from "@tanstack/react-query";
import { api, Unreachable } from "../api/client";
import { menusAt } from "../menus/menusAt";
import { Preferences } from "../people/preferences";
import { WorkingCopyStore } from "../working-copy/store";
import {
  AddressesScreen,
  BackupsScreen,
  BinScreen,
  BusinessScreen,
  ExchangeScreen,
  FilesScreen,
  LooksScreen,
  MembersScreen,
  MenusScreen,
  MessagesScreen,
  PageTreeScreen,
  SheetScreen,
  TopicsScreen,
  WaitingScreen,
  ZonesScreen,
} from "./screens";

type Needs = { readonly script: () => Promise<unknown>; readonly menus?: boolean };

/** What the screens at these addresses need besides the working copy. */
const NEEDS: Readonly<Record<string, Needs>> = {
  "/menus": { script: MenusScreen.fetch, menus: true },
  "/pages/sheet": { script: SheetScreen.fetch, menus: true },
  "/zones": { script: ZonesScreen.fetch },
  "/looks": { script: LooksScreen.fetch },
  "/addresses": { script: AddressesScreen.fetch },
  "/waiting": { script: WaitingScreen.fetch },
  "/business": { script: BusinessScreen.fetch },
  "/files": { script: FilesScreen.fetch },
  "/messages": { script: MessagesScreen.fetch },
  "/topics": { script: TopicsScreen.fetch },
  "/members": { script: MembersScreen.fetch },
  "/exchange": { script: ExchangeScreen.fetch, menus: true },
  "/backups": { script: BackupsScreen.fetch },
  "/bin": { script: BinScreen.fetch },
};

const PAGES: Needs = { script: PageTreeScreen.fetch };

/**
 * Asks for scripts and answers side by side; one after another they take twice as long.
 *
 * @throws Unreachable where one of them does not come
 */
export async function open(area: string, queries: QueryClient) {
  const needs = NEEDS[area] ?? PAGES;
  const preferences = new Preferences();
  const workingCopy = async () => {
    const copy = await api.workingCopy();
    if (needs.menus) void queries.prefetchQuery(menusAt(copy.revision));
    return new WorkingCopyStore(copy);
  };
  const script = async () => {
    const [shell] = await Promise.all([import("./Shell"), needs.script()]);
    return shell.default;
  };
  const [Shell, store] = await Promise.all([
    script().catch(() => {
      throw new Unreachable();
    }),
    workingCopy(),
    preferences.load(),
  ]);
  return { Shell, store, preferences };
}
