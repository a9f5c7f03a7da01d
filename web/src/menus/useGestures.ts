import type { ChangeDto } from "../api/client";
import { sentenceOf } from "../shared/sentenceOf";
import { useTurns } from "../shared/useTurns";
import type { Result, WorkingCopyStore } from "../working-copy/store";
import type { PageTree } from "../working-copy/tree";
import { type MenuOutline, type Node, sameRow } from "./outline";

/** What a gesture on rows is, by what is there when its turn comes; none for nothing. Several changes are one edit. */
type ChangesFor = (now: MenuOutline, there: readonly Node[], tree: PageTree) => readonly ChangeDto[];

/**
 * Lets gestures go by what is there once the ones before them are done: keys come faster than answers, and a row may
 * have been moved by the last one. Answers null where there was nothing to change.
 */
export function useGestures(
  store: WorkingCopyStore,
  outlineAt: (revision: number) => Promise<MenuOutline>,
): (nodes: readonly Node[], changesFor: ChangesFor) => Promise<Result | null> {
  const inTurn = useTurns();
  return (nodes, changesFor) =>
    inTurn(async (): Promise<Result | null> => {
      const { tree, revision } = await store.settled();
      const now = await outlineAt(revision);
      const there = nodes.flatMap((node) => sameRow(now, node) ?? []);
      const changes = changesFor(now, there, tree);
      return changes.length === 0 ? null : store.change(...changes);
    }).catch((failed): Result => ({ ok: false, sentence: sentenceOf(failed) }));
}
