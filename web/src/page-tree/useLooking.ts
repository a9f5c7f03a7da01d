import { useMemo } from "react";
import { api } from "../api/client";
import { found, isAsking } from "../outline/asking";
import { rowsOf, withPaths } from "../outline/rows";
import { useAsking } from "../outline/useAsking";
import { ifKnown, useAnswer } from "../shared/answer";
import type { WorkingCopy } from "../working-copy/store";
import { type Page, parentOf } from "../working-copy/tree";
import { questionsOf, reachQuestions, topicQuestions } from "./questions";
import { useFindings } from "./useFindings";

function titleOf(page: Page): string {
  return page.title;
}

export type Looking = ReturnType<typeof useLooking>;

/**
 * What is looked for among the pages, what is known of them beside the tree, and the rows that are left to show.
 *
 * @param name of the screen, under which its questions are remembered
 */
export function useLooking(name: string, copy: WorkingCopy, folded: ReadonlySet<string>) {
  const { tree } = copy;
  const [asking, setAsking] = useAsking(name);
  // Of all pages, so only once a run of edits has come to rest.
  const placings = ifKnown(useAnswer(["placings"], copy.revision, api.placings, { rest: 300, atOnce: true }));
  const waiting = ifKnown(
    useAnswer(["waiting"], `${copy.revision} ${copy.waiting}`, api.waiting, { rest: 300, atOnce: true }),
  );
  const findings = ifKnown(useFindings(copy.revision));
  const known = useMemo(
    () => ({
      placings,
      changed: waiting && new Set(waiting.entries.map((entry) => entry.page).filter((page) => page !== null)),
      found: findings && new Set(findings.map((finding) => finding.page)),
    }),
    [placings, waiting, findings],
  );
  const pages = useMemo(() => [...tree.pages.values()], [tree]);
  const questions = useMemo(() => questionsOf(known), [known]);
  const topics = useMemo(() => topicQuestions(tree), [tree]);
  const reaches = useMemo(() => reachQuestions(known), [known]);
  // Until it is known what pages have in common, all of them show.
  const answerable = placings !== undefined && waiting !== undefined && findings !== undefined;
  const matches = useMemo(
    () =>
      isAsking(asking)
        ? found(pages, titleOf, asking, answerable ? [...questions, ...reaches, ...topics] : topics).map(
            ({ id }) => id,
          )
        : null,
    [pages, asking, questions, reaches, topics, answerable],
  );
  const rows = useMemo(
    () => rowsOf(tree, folded, matches && withPaths((id) => parentOf(tree, id), matches)),
    [tree, folded, matches],
  );
  return { asking, setAsking, pages, questions, reaches, topics, known, matches, rows };
}
