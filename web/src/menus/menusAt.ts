import { queryOptions } from "@tanstack/react-query";
import { api } from "../api/client";

/** All menus as they come out at a revision, which never changes. */
export const menusAt = (revision: number) =>
  queryOptions({
    queryKey: ["menus", revision],
    queryFn: ({ signal }) => api.menus(signal),
    staleTime: Number.POSITIVE_INFINITY,
  });
