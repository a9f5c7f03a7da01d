import type { ChangeDto } from "../api/client";
import { useTurns } from "../shared/useTurns";
import { type Result, sentenceOf, type WorkingCopyStore } from "../working-copy/store";
import type { PageTree } from "../working-copy/tree";
import { type MenuOutline, type Node, sameRow } from "./outline";

/** What a gesture on a row is, by what is there when its turn comes; null for nothing. Several changes are one edit. */
type ChangeFor = (now: MenuOutline, there: Node, tree: PageTree) => ChangeDto | readonly ChangeDto[] | null;

/**
 * Lets gestures go by what is there once the ones before them are done: keys come faster than answers, and a row may
 * have been moved by the last one. Answers null where there was nothing to change.
 */
export function useGestures(
  store: WorkingCopyStore,
  outlineAt: (revision: number) => Promise<MenuOutline>,
): (node: Node, changeFor: ChangeFor) => Promise<Result | null> {
  const inTurn = useTurns();
  return (node, changeFor) =>
    inTurn(async (): Promise<Result | null> => {
      const { tree, revision } = await store.settled();
      const now = await outlineAt(revision);
      const there = sameRow(now, node);
      const change = there ? changeFor(now, there, tree) : null;
      return change && store.change(...[change].flat());
    }).catch((failed): Result => ({ ok: false, sentence: sentenceOf(failed) }));
}
