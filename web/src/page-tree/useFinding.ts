import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api } from "../api/client";
import { found, isAsking } from "../outline/finding";
import { rowsOf, withPaths } from "../outline/rows";
import { useAsking } from "../outline/useAsking";
import { useLater } from "../shared/useLater";
import type { WorkingCopy } from "../working-copy/store";
import { type Page, parentOf } from "../working-copy/tree";
import { questionsOf, topicQuestions } from "./questions";

function titleOf(page: Page): string {
  return page.title;
}

export type Finding = ReturnType<typeof useFinding>;

/**
 * What is looked for among the pages, what is known of them beside the tree, and the rows that are left to show.
 *
 * @param name of the screen, under which its questions are remembered
 */
export function useFinding(name: string, copy: WorkingCopy, folded: ReadonlySet<string>) {
  const { tree } = copy;
  const [asking, setAsking] = useAsking(name);
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
  const pages = useMemo(() => [...tree.pages.values()], [tree]);
  const questions = useMemo(() => questionsOf(tree, known), [tree, known]);
  const topics = useMemo(() => topicQuestions(tree), [tree]);
  // Until it is known what pages have in common, all of them show.
  const answerable = placings.data !== undefined && waiting.data !== undefined;
  const matches = useMemo(
    () =>
      isAsking(asking)
        ? found(pages, titleOf, asking, answerable ? [...questions, ...topics] : topics).map(({ id }) => id)
        : null,
    [pages, asking, questions, topics, answerable],
  );
  const rows = useMemo(
    () => rowsOf(tree, folded, matches && withPaths((id) => parentOf(tree, id), matches)),
    [tree, folded, matches],
  );
  return { asking, setAsking, pages, questions, topics, known, matches, rows };
}
