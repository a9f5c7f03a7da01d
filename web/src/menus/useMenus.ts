import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import { api, type MenusDto } from "../api/client";
import { type MenuOutline, outlineOf } from "./outline";

export type Menus =
  | { readonly status: "loading" }
  | { readonly status: "failed"; readonly retry: () => void }
  | {
      readonly status: "ready";
      readonly menus: MenusDto;
      readonly outline: MenuOutline;
      /** The outline at a revision that may still be on its way. */
      readonly at: (revision: number) => Promise<MenuOutline>;
    };

/** All menus as they come out at a revision; while a newer one is fetched, the last one stays. */
export function useMenus(revision: number): Menus {
  const client = useQueryClient();
  const query = useQuery({
    queryKey: ["menus", revision],
    queryFn: api.menus,
    placeholderData: (previous) => previous,
  });
  const outline = useMemo(() => (query.data ? outlineOf(query.data) : null), [query.data]);
  const at = useCallback(
    async (wanted: number) =>
      outlineOf(
        await client.fetchQuery({
          queryKey: ["menus", wanted],
          queryFn: api.menus,
          staleTime: Number.POSITIVE_INFINITY,
        }),
      ),
    [client],
  );
  if (query.data && outline) return { status: "ready", menus: query.data, outline, at };
  return query.isError ? { status: "failed", retry: () => void query.refetch() } : { status: "loading" };
}
