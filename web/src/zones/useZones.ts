import { useQueryClient } from "@tanstack/react-query";
import { api, type SaysDto, type ScopeDto, type Zone, type ZonesDto } from "../api/client";
import { type Answer, useAnswer, useLasting } from "../shared/answer";
import { sentenceOf } from "../shared/sentenceOf";
import { useTurns } from "../shared/useTurns";
import type { Result, WorkingCopyStore } from "../working-copy/store";
import { saysOf } from "./says";

/** The zone table at a revision, and what one page has in its zones. */
export function useZones(revision: number, page: string): Answer<ZonesDto> {
  return useLasting(useAnswer(["zones"], `${revision} ${page}`, (signal) => api.zones(page, signal)));
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
        queryKey: ["zone table", revision],
        queryFn: ({ signal }) => api.zones(null, signal),
        staleTime: Number.POSITIVE_INFINITY,
      });
      return store.change({ kind: "assignMenus", zone, scope, says: edit(saysOf(table, zone, scope)) });
    }).catch((failed): Result => ({ ok: false, sentence: sentenceOf(failed) }));
}
