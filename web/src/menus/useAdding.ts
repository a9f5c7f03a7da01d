import { api, type OfferDto, type RowPlace } from "../api/client";
import type { Foretold } from "../outline/usePasting";
import { newId } from "../shared/ids";
import { useTurns } from "../shared/useTurns";
import { type Result, sentenceOf, type WorkingCopyStore } from "../working-copy/store";
import type { PageTree } from "../working-copy/tree";
import { type Adding, continued, standing, without } from "./adding";
import { addOffered } from "./deeds";
import type { MenuOutline } from "./outline";

/**
 * What an open add line does. Lines typed in a row are added in that order, each after the one before it, wherever that
 * stands once its turn comes.
 */
export function useAdding(props: {
  readonly store: WorkingCopyStore;
  readonly outlineAt: (revision: number) => Promise<MenuOutline>;
  /** Null while no line is open. */
  readonly line: Adding | null;
  /** Puts the line elsewhere, if it is still open. */
  readonly onLine: (next: (now: Adding) => Adding) => void;
  readonly onLeave: () => void;
}) {
  const { store, outlineAt, line } = props;
  const inTurn = useTurns();
  const addInTurn = (from: Adding, work: (tree: PageTree, place: RowPlace) => Promise<Result>) =>
    inTurn(async () => {
      const { tree, revision } = await store.settled();
      return work(tree, standing(await outlineAt(revision), from));
    }).catch((failed): Result => ({ ok: false, sentence: sentenceOf(failed) }));
  return {
    add: async (offer: Promise<OfferDto | undefined>): Promise<Result> => {
      if (!line) return { ok: false, sentence: "" };
      const id = newId();
      props.onLine(() => continued(line, id));
      const result = await addInTurn(line, async (tree, place): Promise<Result> => {
        const chosen = await offer;
        if (!chosen) return { ok: false, sentence: "Nothing was found for that." };
        return addOffered(store, tree, chosen, id, place);
      });
      if (!result.ok) props.onLine((now) => without(now, id));
      return result;
    },
    paste: async (text: string): Promise<Result> => {
      if (!line) return { ok: false, sentence: "" };
      const result = await addInTurn(line, (_tree, place) => store.pasteItems(text, place));
      if (result.ok) props.onLeave();
      return result;
    },
    foretell: async (text: string): Promise<Foretold> => {
      if (!line) return { words: "", refused: [] };
      const { revision } = await store.settled();
      const place = standing(await outlineAt(revision), line);
      const { summary, refused } = await api.previewItems(newId(), revision, text, place);
      return { words: summary, refused };
    },
  };
}
