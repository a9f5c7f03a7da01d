import { api, type OfferDto, type RowPlace } from "../api/client";
import type { Foretold } from "../outline/usePasting";
import { newId } from "../shared/ids";
import { sentenceOf } from "../shared/sentenceOf";
import { useTurns } from "../shared/useTurns";
import type { Result, WorkingCopyStore } from "../working-copy/store";
import type { PageTree } from "../working-copy/tree";
import { type Adding, continued, standing, without } from "./adding";
import { addOffered } from "./deeds";
import { findItem, type MenuOutline, type Node, nodeOf } from "./outline";

/**
 * What an open add line does. Lines typed in a row are added in that order, each after the one before it, wherever that
 * stands once its turn comes.
 */
export function useAdding(props: {
  readonly store: WorkingCopyStore;
  readonly outlineAt: (revision: number) => Promise<MenuOutline>;
  /** Null while no line is open. */
  readonly line: Adding | null;
  /** The row of what was added is there. */
  readonly onAdded: (row: string) => void;
  /** Puts the line elsewhere, if it is still open. */
  readonly onLine: (next: (now: Adding) => Adding) => void;
  readonly onLeave: () => void;
}) {
  const { store, outlineAt, line } = props;
  const inTurn = useTurns();
  const addInTurn = (
    from: Adding,
    work: (place: RowPlace, tree: PageTree, outline: MenuOutline) => Promise<Result>,
  ) =>
    inTurn(async () => {
      const { tree, revision } = await store.settled();
      const outline = await outlineAt(revision);
      return work(standing(outline, from), tree, outline);
    }).catch((failed): Result => ({ ok: false, sentence: sentenceOf(failed) }));
  return {
    add: async (offer: () => Promise<OfferDto | undefined>): Promise<Result> => {
      if (!line) return { ok: false, sentence: "" };
      const id = newId();
      props.onLine(() => continued(line, id));
      const result = await addInTurn(line, async (place, tree, outline): Promise<Result> => {
        const chosen = await offer();
        if (!chosen) return { ok: false, sentence: "Nothing was found for that." };
        return addOffered(store, tree, nodeOf(outline, line.menu).menu, chosen, id, place);
      });
      if (result.ok) {
        const there = rowOf(await outlineAt(result.answer.revision), line.menu, id);
        if (there) props.onAdded(there.id);
      } else props.onLine((now) => without(now, id));
      return result;
    },
    paste: async (text: string): Promise<Result> => {
      if (!line) return { ok: false, sentence: "" };
      const result = await addInTurn(line, (place) => store.pasteItems(text, place));
      if (result.ok) props.onLeave();
      return result;
    },
    foretell: async (text: string): Promise<Foretold> => {
      if (!line) return { words: "", lines: [], more: 0, refused: [] };
      const { revision } = await store.settled();
      const place = standing(await outlineAt(revision), line);
      const { items, summary, lines, refused } = await api.previewItems(newId(), revision, text, place);
      return { words: summary, lines, more: items - lines.length, refused };
    },
  };
}

/** The row of an item just added, or of a page that a menu took in by itself. */
function rowOf(outline: MenuOutline, menu: string, id: string): Node | undefined {
  const inMenu = [...outline.nodes.values()].filter((node) => node.menu.id === menu);
  return findItem(outline, id, null) ?? inMenu.find((node) => node.row?.page === id);
}
