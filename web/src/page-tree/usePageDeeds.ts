import { api, type ChangeDto, type PlaceDto, type Reach } from "../api/client";
import { type Choice, only } from "../outline/choice";
import { type Move, outermost, placeAfterMove } from "../outline/moves";
import { beside, type Row } from "../outline/rows";
import type { Desk } from "../outline/useDesk";
import { newId } from "../shared/ids";
import { useTurns } from "../shared/useTurns";
import type { Result, WorkingCopyStore } from "../working-copy/store";
import { hiddenFromMenus, type PageTree } from "../working-copy/tree";
import { addingAt, type Line } from "./lines";
import { wrapping } from "./wrapping";

export type PageDeeds = ReturnType<typeof usePageDeeds>;

/** What can be done to the chosen pages. Each goes by the pages that are left once the edits before it are done. */
export function usePageDeeds(props: {
  readonly store: WorkingCopyStore;
  readonly desk: Desk<Line>;
  /** The chosen pages in reading order, without those beneath another of them. */
  readonly pages: readonly string[];
  readonly selected: string;
  readonly rows: readonly Row[];
  readonly unfold: (id: string | null) => void;
  readonly onChoose: (choice: Choice) => void;
}) {
  const { store, desk, pages, selected } = props;
  const inTurn = useTurns();
  /** Null where none of the pages is left. */
  const withThose = <T>(those: readonly string[], work: (tree: PageTree, left: readonly string[]) => T) =>
    inTurn(async () => {
      const { tree } = await store.settled();
      const left = outermost(tree, new Set(those));
      return left.length > 0 ? work(tree, left) : null;
    });
  const moveTo = async (
    moving: readonly string[],
    place: (tree: PageTree, pages: readonly string[]) => PlaceDto | null,
  ) => {
    const result = await withThose(moving, (tree, left) => {
      const to = place(tree, left);
      if (!to) return null;
      props.unfold(to.parent);
      return store.movePages(left, to);
    });
    if (result) desk.tell(selected, result);
  };
  return {
    moveTo,
    move: (move: Move) => moveTo(pages, (now, left) => placeAfterMove(now, left, move)),
    /** Hides them from menus, or shows them again where all are hidden. */
    hide: async () => {
      const result = await withThose(pages, (tree, left) =>
        store.change({
          kind: "setReach",
          pages: [...left],
          reach: hiddenFromMenus(tree, left) ? "OPEN" : "BY_LINK_ONLY",
        }),
      );
      if (result) desk.tell(selected, result);
    },
    remove: async () => {
      const next = beside(props.rows, new Set(pages));
      const result = await withThose(pages, (_tree, left) =>
        store.change({ kind: "removePages", removal: newId(), pages: left, subpages: "GO_TOO", leads: null }),
      );
      if (result?.ok) desk.choose(only(next));
      else if (result) desk.tell(selected, result);
    },
    wrap: async (title: string): Promise<Result> => {
      const id = newId();
      const result = await withThose(pages, (tree, left) => store.change(...wrapping(tree, left, id, title)));
      if (result?.ok) {
        desk.leave();
        props.onChoose(only(id));
      }
      return result ?? { ok: false, sentence: "Those pages are not there any more." };
    },
    retitle: async (page: string, title: string) => {
      const result = left(desk, await store.change({ kind: "retitlePage", page, title }));
      if (result.ok) void offerAddress(store, page);
      return result;
    },
    /** Says how new pages begin. */
    begin: async (change: ChangeDto) => {
      const result = await store.change(change);
      if (!result.ok) desk.tell(selected, result);
    },
    paste: async (text: string, place: PlaceDto) => left(desk, await store.paste(text, place)),
    /** The next line can be typed at once: it comes after this one, which is sent first. */
    add: async (title: string, place: PlaceDto, reach: Reach | null) => {
      const id = newId();
      const next = { parent: place.parent, after: id };
      desk.setAttention((now) => ({
        kind: "adding",
        place: next,
        shownAt: now.kind === "adding" ? now.shownAt : place,
      }));
      const result = await store.change({ kind: "addPages", pages: [{ id, place, title, reach }] });
      if (result.ok) props.onChoose(only(id));
      const stands = result.ok ? next : place;
      desk.setAttention((now) => {
        if (now.kind !== "adding") return now;
        return now.place.after === id ? addingAt(stands) : { ...now, shownAt: stands };
      });
      return result;
    },
  };
}

/** Leaves what was typed once it is done. */
function left(desk: Desk<Line>, result: Result): Result {
  if (result.ok) desk.leave();
  return result;
}

/** A page that visitors know keeps its address under another title; the one that would fit is offered. */
async function offerAddress(store: WorkingCopyStore, page: string): Promise<void> {
  const { copy } = store.current();
  if (!copy.published.has(page) || !copy.tree.pages.get(page)?.slugFollows) return;
  const change: ChangeDto = { kind: "setSlug", page, slug: null };
  const tried = await api.would(newId(), copy.revision, [change]).catch(() => null);
  const to = tried?.addresses.find((each) => each.page === page)?.to;
  if (to && store.current().copy.revision === copy.revision)
    store.offer({ words: `Use ${to}, the old address will forward`, act: () => void store.change(change) });
}
