import { useQuery, useQueryClient } from "@tanstack/react-query";
import { api, type SaysDto, type ScopeDto, type Zone } from "../api/client";
import { useTurns } from "../shared/useTurns";
import { type Result, sentenceOf, type WorkingCopyStore } from "../working-copy/store";
import { saysOf } from "./says";

/** The zone table at a revision, and what one page has in its zones. */
export function useZones(revision: number, page: string | null) {
  return useQuery({
    queryKey: ["zones", revision, page],
    queryFn: () => api.zones(page),
    placeholderData: (previous) => previous,
  });
}

/** Changes what a zone says for a scope. Edits that come faster than answers each go by what the one before left. */
export function useSaying(
  store: WorkingCopyStore,
): (zone: Zone, scope: ScopeDto, edit: (says: SaysDto | null) => SaysDto | null) => Promise<Result> {
  const client = useQueryClient();
  const inTurn = useTurns();
  return (zone, scope, edit) =>
    inTurn(async () => {
      const { revision } = await store.settled();
      const table = await client.fetchQuery({
        queryKey: ["zones", revision, null],
        queryFn: () => api.zones(null),
        staleTime: Number.POSITIVE_INFINITY,
      });
      return store.change({ kind: "assignMenus", zone, scope, says: edit(saysOf(table, zone, scope)) });
    }).catch((failed): Result => ({ ok: false, sentence: sentenceOf(failed) }));
}
