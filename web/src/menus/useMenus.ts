import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useMemo } from "react";
import type { MenusDto } from "../api/client";
import { type Answer, answerOf, derived, useLasting } from "../shared/answer";
import { menusAt } from "./menusAt";
import { type MenuOutline, outlineOf } from "./outline";

export type Menus = {
  readonly menus: MenusDto;
  readonly outline: MenuOutline;
  /** The outline at a revision that may still be on its way. */
  readonly at: (revision: number) => Promise<MenuOutline>;
};

/** All menus as they come out at a revision; while a newer one is fetched, the last one stays. */
export function useMenus(revision: number): Answer<Menus> {
  const client = useQueryClient();
  const answer = useLasting(
    answerOf(useQuery({ ...menusAt(revision), placeholderData: (previous) => previous })),
  );
  const menus = answer.status === "known" ? answer.value : null;
  const outline = useMemo(() => menus && outlineOf(menus), [menus]);
  const at = useCallback(
    async (wanted: number) => outlineOf(await client.fetchQuery(menusAt(wanted))),
    [client],
  );
  return derived(answer, (known) => ({ menus: known, outline: outline ?? outlineOf(known), at }));
}
