import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import type { MenusDto } from "../api/client";
import { menusAt } from "./menusAt";
import { type MenuOutline, outlineOf } from "./outline";

export type Menus =
  | { readonly status: "loading" }
  | { readonly status: "failed"; readonly retry: () => void }
  | ReadyMenus;

export type ReadyMenus = {
  readonly status: "ready";
  readonly menus: MenusDto;
  readonly outline: MenuOutline;
  /** The outline at a revision that may still be on its way. */
  readonly at: (revision: number) => Promise<MenuOutline>;
};

/** All menus as they come out at a revision; while a newer one is fetched, the last one stays. */
export function useMenus(revision: number): Menus {
  const client = useQueryClient();
  const query = useQuery({ ...menusAt(revision), placeholderData: (previous) => previous });
  const outline = useMemo(() => (query.data ? outlineOf(query.data) : null), [query.data]);
  const at = useCallback(
    async (wanted: number) => outlineOf(await client.fetchQuery(menusAt(wanted))),
    [client],
  );
  if (query.data && outline) return { status: "ready", menus: query.data, outline, at };
  return query.isError ? { status: "failed", retry: () => void query.refetch() } : { status: "loading" };
}
