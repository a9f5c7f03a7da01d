import { queryOptions } from "@tanstack/react-query";
import { api } from "../api/client";

/**
 * All menus as they come out at a revision, which never changes. Gestures wait for them too, so nobody who looks away
 * abandons them.
 */
export const menusAt = (revision: number) =>
  queryOptions({
    queryKey: ["menus", revision],
    queryFn: () => api.menus(),
    staleTime: Number.POSITIVE_INFINITY,
  });
