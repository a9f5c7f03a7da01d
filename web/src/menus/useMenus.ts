import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, type MenusDto } from "../api/client";
import { type MenuOutline, outlineOf } from "./outline";

export type Menus =
  | { readonly status: "loading" }
  | { readonly status: "failed"; readonly retry: () => void }
  | { readonly status: "ready"; readonly menus: MenusDto; readonly outline: MenuOutline };

/** All menus as they come out at a revision; while a newer one is fetched, the last one stays. */
export function useMenus(revision: number): Menus {
  const query = useQuery({
    queryKey: ["menus", revision],
    queryFn: api.menus,
    placeholderData: (previous) => previous,
  });
  const outline = useMemo(() => (query.data ? outlineOf(query.data) : null), [query.data]);
  if (query.data && outline) return { status: "ready", menus: query.data, outline };
  return query.isError ? { status: "failed", retry: () => void query.refetch() } : { status: "loading" };
}
