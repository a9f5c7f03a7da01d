import { useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { api } from "../api/client";
import { rowsOf, withPaths } from "../outline/rows";
import { useLater } from "../shared/useLater";
import type { WorkingCopy } from "../working-copy/store";
import { EVERYTHING, filters, found } from "./filter";

/** What is looked for among the pages, what is known of them beside the tree, and the rows that are left to show. */
export function useFinding(copy: WorkingCopy, folded: ReadonlySet<string>) {
  const { tree } = copy;
  const [filter, setFilter] = useState(EVERYTHING);
  // Of all pages, so only once a run of edits has come to rest.
  const rested = useLater(copy.revision, 300);
  const placings = useQuery({
    queryKey: ["placings", rested],
    queryFn: api.placings,
    placeholderData: (previous) => previous,
  });
  const waiting = useQuery({
    queryKey: ["waiting", rested, copy.waiting],
    queryFn: api.waiting,
    placeholderData: (previous) => previous,
  });
  const known = useMemo(
    () => ({
      placings: placings.data ?? {},
      changed: new Set(
        (waiting.data?.entries ?? []).map((entry) => entry.page).filter((page) => page !== null),
      ),
    }),
    [placings.data, waiting.data],
  );
  const matches = useMemo(() => (filters(filter) ? found(tree, known, filter) : null), [tree, known, filter]);
  const rows = useMemo(
    () => rowsOf(tree, folded, matches && withPaths(tree, matches)),
    [tree, folded, matches],
  );
  return { filter, setFilter, known, matches, rows };
}
