import { type KeyboardEvent, type ReactNode, type RefObject, useMemo, useState } from "react";
import { Link } from "react-router";
import type { PlaceDto } from "../api/client";
import { EVERYTHING } from "../outline/asking";
import { Count } from "../outline/Count";
import { type Choice, only } from "../outline/choice";
import { DropCues } from "../outline/DropCues";
import { namesOf } from "../outline/drop";
import { FoldButton } from "../outline/FoldButton";
import { ARROWS, type Move, outermost, placeAfterMove } from "../outline/moves";
import { Outline } from "../outline/Outline";
import { beside, type Row } from "../outline/rows";
import { Several } from "../outline/Several";
import { TitleField } from "../outline/TitleField";
import { useFolding } from "../outline/useFolding";
import { usePreference } from "../people/preferences";
import { newId } from "../shared/ids";
import { Later } from "../shared/Later";
import { ShownButton } from "../shared/ShownButton";
import { useTurns } from "../shared/useTurns";
import { lettersAct } from "../shell/keys";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import {
  addressOf,
  childrenOf,
  endOf,
  isBuiltIn,
  levelOf,
  type PageTree,
  pageOf,
  parentOf,
} from "../working-copy/tree";
import { AddLine, AddTeaser } from "./AddLine";
import { AWAY, COLUMNS, type Column, contentsOf, WIDTHS } from "./columns";
import { judge, placeOf } from "./dropping";
import { PageActions } from "./PageActions";
import { PageFinder } from "./PageFinder";
import { TitleCell } from "./TitleCell";
import { useLooking } from "./useLooking";
import { wrapping } from "./wrapping";

/** A row whose text is being typed, or a sentence beside a row. */
type Attention =
  | { readonly kind: "none" }
  | { readonly kind: "editing"; readonly page: string }
  /** `shownAt` is where the line stands: its place, or the one before while the row it comes after is on its way. */
  | { readonly kind: "adding"; readonly place: PlaceDto; readonly shownAt: PlaceDto }
  | { readonly kind: "wrapping"; readonly page: string }
  | { readonly kind: "problem"; readonly page: string; readonly sentence: string };

const NONE: Attention = { kind: "none" };

/** The left side: the outline of pages, the actions for the selected one, and the add line. */
export function PageDesk(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly choice: Choice;
  /** The chosen pages in reading order, without those beneath another of them. */
  readonly pages: readonly string[];
  readonly gridRef: RefObject<HTMLDivElement | null>;
  readonly onChoose: (choice: Choice) => void;
  readonly onMoveTo: () => void;
  readonly onWholeScreen: () => void;
  /** Goes to the menus that the chosen pages can be placed in. */
  readonly onPlace: () => void;
}) {
  const { copy, store, choice, pages, gridRef } = props;
  const { tree } = copy;
  const selected = choice.at ?? tree.home ?? "";
  const [ticking, setTicking] = useState(false);
  const folding = useFolding("pages");
  const { folded, fold, unfold } = folding;
  const [away, setAway] = usePreference<readonly Column[]>("pages-columns-away", AWAY);
  const columns = COLUMNS.filter((column) => !away.includes(column));
  const [attention, setAttention] = useState<Attention>(NONE);
  const looking = useLooking("pages", copy, folded);
  const { known, matches, rows } = looking;
  const heldBack = useMemo(
    () => [...tree.pages.values()].filter((page) => page.reach === "HELD_BACK").length,
    [tree],
  );

  const backToOutline = () => gridRef.current?.focus({ preventScroll: true });
  const leave = () => {
    setAttention(NONE);
    backToOutline();
  };
  const choose = (next: Choice) => {
    setAttention(NONE);
    props.onChoose(next);
  };
  const inTurn = useTurns();
  /** Moves what is left of these pages once the edits before it are done, as far as it is still a move. */
  const moveTo = async (
    moving: readonly string[],
    place: (tree: PageTree, pages: readonly string[]) => PlaceDto | null,
  ) => {
    const result = await inTurn(async () => {
      const now = await store.settled();
      const left = outermost(now.tree, new Set(moving));
      const to = left.length > 0 ? place(now.tree, left) : null;
      if (!to) return null;
      unfold(to.parent);
      return store.change({ kind: "movePages", pages: left, place: to });
    });
    if (!result) return;
    setAttention(result.ok ? NONE : { kind: "problem", page: selected, sentence: result.sentence });
  };
  const move = (move: Move) => moveTo(pages, (now, left) => placeAfterMove(now, left, move));
  const remove = async () => {
    const next = beside(rows, new Set(pages));
    const result = await inTurn(async () => {
      const now = await store.settled();
      const left = outermost(now.tree, new Set(pages));
      if (left.length === 0) return null;
      return store.change({ kind: "removePages", removal: newId(), pages: left, subpages: "GO_TOO" });
    });
    if (result?.ok) choose(only(next));
    else if (result) setAttention({ kind: "problem", page: selected, sentence: result.sentence });
  };
  const titleOf = (id: string) => (tree.pages.has(id) ? pageOf(tree, id).title : "a page");
  const many = pages.length === 1 ? titleOf(selected) : `${choice.rows.size} pages`;
  const add = (place: PlaceDto) => {
    looking.setAsking(EVERYTHING); // what is new would not be found
    unfold(place.parent);
    setAttention({ kind: "adding", place, shownAt: place });
  };
  const addBelow = () => add({ parent: parentOf(tree, selected), after: selected });
  const startWrapping = () => setAttention({ kind: "wrapping", page: pages[0] ?? selected });
  /** Goes by the pages that are left once the edits before it are done. */
  const wrap = async (title: string) => {
    const id = newId();
    const result = await inTurn(async (): Promise<Result> => {
      const now = await store.settled();
      const changes = wrapping(now.tree, outermost(now.tree, new Set(pages)), id, title);
      return changes.length > 0
        ? store.change(...changes)
        : { ok: false, sentence: "Those pages are not there any more." };
    });
    if (result.ok) {
      leave();
      props.onChoose(only(id));
    }
    return result;
  };
  const addUnder = () => add(endOf(tree, selected));

  const onKey = (event: KeyboardEvent) => {
    const arrow = ARROWS[event.key];
    if (event.ctrlKey && event.shiftKey && arrow) {
      event.preventDefault();
      void move(arrow);
    } else if (event.key === "Delete") {
      event.preventDefault();
      if (!event.repeat) void remove(); // a key held down a moment too long takes one row, not ten
    } else if (lettersAct() && !event.ctrlKey && !event.metaKey && !event.altKey) {
      const act = {
        n: addBelow,
        g: startWrapping,
        m: props.onMoveTo,
        p: props.onPlace,
        w: props.onWholeScreen,
      }[event.key.toLowerCase()];
      if (act) {
        event.preventDefault();
        event.stopPropagation(); // the letter has acted; what it opened must not hear it too
        act();
      }
    }
  };

  const retitle = async (page: string, title: string) => {
    const result = await store.change({ kind: "retitlePage", page, title });
    if (result.ok) leave();
    return result;
  };
  const addPage = async (title: string, place: PlaceDto) => {
    const id = newId();
    // The next line can be typed at once: it comes after this one, which is sent first.
    const next = { parent: place.parent, after: id };
    setAttention((now) => ({
      kind: "adding",
      place: next,
      shownAt: now.kind === "adding" ? now.shownAt : place,
    }));
    const result = await store.change({ kind: "addPages", pages: [{ id, place, title, reach: null }] });
    if (result.ok) props.onChoose(only(id));
    const stands = result.ok ? next : place;
    setAttention((now) =>
      now.kind !== "adding"
        ? now
        : now.place.after === id
          ? { kind: "adding", place: stands, shownAt: stands }
          : { ...now, shownAt: stands },
    );
    return result;
  };
  const pastePages = async (text: string, place: PlaceDto) => {
    const result = await store.paste(text, place);
    if (result.ok) leave();
    return result;
  };

  const cells = (row: Row): ReactNode[] => {
    const page = pageOf(tree, row.id);
    const editing = attention.kind === "editing" && attention.page === row.id;
    const text = editing ? (
      <TitleField
        key="editing"
        label={`Title of ${page.title}`}
        initial={page.title}
        onKeep={(title) => retitle(row.id, title)}
        onLeave={leave}
      />
    ) : (
      <TitleCell
        key="title"
        page={page}
        placing={known.placings[row.id]}
        beneath={row.folded ? row.subpages : 0}
        problem={attention.kind === "problem" && attention.page === row.id ? attention.sentence : null}
        kept={copy.touched.has(row.id)}
      />
    );
    const contents = contentsOf(page, addressOf(tree, row.id), known.placings[row.id]);
    return [text, ...columns.map((column) => contents[column])];
  };

  return (
    <section className="desk" aria-label="Pages">
      <div className="head">
        <h2>Pages</h2>
        <Count
          what="page"
          found={matches}
          all={
            (tree.pages.size === 1 ? "1 page" : `${tree.pages.size} pages`) +
            (heldBack > 0 ? ` · ${heldBack} held back` : "")
          }
        />
        <span className="spring" />
        <Several on={ticking} onSwitch={setTicking} />
        <ShownButton
          label="Columns"
          all={COLUMNS.map((column) => ({ id: column, name: column }))}
          away={away}
          onAway={setAway}
        />
        <FoldButton folding={folding} tree={tree} />
        <Link className="as-button" to="/pages/sheet">
          Placing sheet
        </Link>
      </div>
      <PageFinder
        looking={looking}
        onLeave={() => {
          const first = matches?.[0];
          if (first !== undefined && !rows.some((row) => row.id === selected)) choose(only(first));
          backToOutline();
        }}
      />
      <Later of={`${selected} ${choice.rows.size}`}>
        <PageActions
          title={many}
          count={choice.rows.size}
          builtIn={[...choice.rows].some((id) => isBuiltIn(pageOf(tree, id)))}
          may={(move) => placeAfterMove(tree, pages, move) !== null}
          onMove={move}
          onAddBelow={addBelow}
          onAddUnder={addUnder}
          onEdit={() => setAttention({ kind: "editing", page: selected })}
          onWrap={startWrapping}
          onMoveTo={props.onMoveTo}
          onPlace={props.onPlace}
          onRemove={remove}
        />
      </Later>
      <Outline
        label="Pages"
        columns={["Title", ...columns]}
        widths={columns.map((column) => WIDTHS[column])}
        rows={rows}
        choice={choice}
        ticking={ticking}
        gridRef={gridRef}
        load={(id) => {
          const ids = choice.rows.has(id) ? pages : [id];
          const name = namesOf(ids.map(titleOf));
          return { from: "rows", ids, level: levelOf(tree, ids[0] ?? id), name };
        }}
        cues={
          <DropCues
            gridRef={gridRef}
            rows={rows}
            revision={copy.revision}
            judge={(load, target) => judge(tree, load.ids, target)}
            onDrop={(load, target) => void moveTo(load.ids, (now) => placeOf(now, target))}
            onUnfold={unfold}
          />
        }
        extra={
          attention.kind === "adding"
            ? {
                after: lastRowOf(rows, tree, attention.shownAt),
                level: attention.shownAt.parent === null ? 1 : levelOf(tree, attention.shownAt.parent) + 1,
                content: (
                  <AddLine
                    tree={tree}
                    place={attention.place}
                    revision={copy.revision}
                    onPlace={(place) => setAttention({ kind: "adding", place, shownAt: place })}
                    onAdd={addPage}
                    onPaste={pastePages}
                    onLeave={leave}
                  />
                ),
              }
            : attention.kind === "wrapping" && rows.some((row) => row.id === attention.page)
              ? {
                  after: rows.findIndex((row) => row.id === attention.page) - 1,
                  level: levelOf(tree, attention.page),
                  content: (
                    <TitleField
                      label="Title of the page over them"
                      initial=""
                      placeholder="Title of the page they go under"
                      onKeep={wrap}
                      onLeave={leave}
                    />
                  ),
                }
              : null
        }
        onChoose={choose}
        onEdit={(page) => setAttention({ kind: "editing", page })}
        onFold={fold}
        onKey={onKey}
        cells={cells}
      />
      <AddTeaser onOpen={() => add(endOf(tree, null))} />
    </section>
  );
}

/** The index of the row that a new row at this place comes right after; -1 before the first. */
function lastRowOf(rows: readonly Row[], tree: PageTree, place: PlaceDto): number {
  const anchor = place.after ?? place.parent;
  const at = rows.findIndex((row) => row.id === anchor);
  const row = rows[at];
  if (!row || place.after === null) return at;
  let last = at;
  while ((rows[last + 1]?.level ?? 0) > row.level) last++;
  return childrenOf(tree, row.id).length > 0 ? last : at;
}
