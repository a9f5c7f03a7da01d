import { useQuery } from "@tanstack/react-query";
import { Button } from "antd";
import { type KeyboardEvent, type ReactNode, type RefObject, useMemo, useRef, useState } from "react";
import { api, type PlaceDto } from "../api/client";
import { ARROWS, type Move, placeAfterMove } from "../outline/moves";
import { Outline } from "../outline/Outline";
import { type Row, rowsOf } from "../outline/rows";
import { TitleField } from "../outline/TitleField";
import { useFolding } from "../outline/useFolding";
import { newId } from "../shared/ids";
import { useTurns } from "../shared/useTurns";
import { lettersAct } from "../shell/keys";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { addressOf, childrenOf, endOf, levelOf, type PageTree, pageOf, parentOf } from "../working-copy/tree";
import { AddLine, AddTeaser } from "./AddLine";
import { PageActions } from "./PageActions";
import { TitleCell } from "./TitleCell";

/** A row whose text is being typed, or a sentence beside a row. */
type Attention =
  | { readonly kind: "none" }
  | { readonly kind: "editing"; readonly page: string }
  | { readonly kind: "adding"; readonly place: PlaceDto }
  | { readonly kind: "problem"; readonly page: string; readonly sentence: string };

const NONE: Attention = { kind: "none" };

/** The left side: the outline of pages, the actions for the selected one, and the add line. */
export function PageDesk(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly selected: string;
  readonly gridRef: RefObject<HTMLDivElement | null>;
  readonly onSelect: (id: string) => void;
  readonly onMoveTo: () => void;
  readonly onWholeScreen: () => void;
}) {
  const { copy, store, selected, gridRef } = props;
  const { tree } = copy;
  const { folded, fold, unfold, toggleAll } = useFolding();
  const [attention, setAttention] = useState<Attention>(NONE);
  const rows = useMemo(() => rowsOf(tree, folded), [tree, folded]);
  const placings = useQuery({
    queryKey: ["placings", copy.revision],
    queryFn: api.placings,
    placeholderData: (previous) => previous,
  });
  const heldBack = useMemo(
    () => [...tree.pages.values()].filter((page) => page.reach === "HELD_BACK").length,
    [tree],
  );

  const backToOutline = () => gridRef.current?.focus({ preventScroll: true });
  const leave = () => {
    setAttention(NONE);
    backToOutline();
  };
  const select = (id: string) => {
    setAttention(NONE);
    props.onSelect(id);
  };
  const inTurn = useTurns();
  const move = async (move: Move) => {
    const result = await inTurn(async () => {
      const now = await store.settled();
      const place = now.tree.pages.has(selected) ? placeAfterMove(now.tree, selected, move) : null;
      if (!place) return null;
      unfold(place.parent);
      return store.change({ kind: "movePages", pages: [selected], place });
    });
    if (!result) return;
    setAttention(result.ok ? NONE : { kind: "problem", page: selected, sentence: result.sentence });
  };
  const add = (place: PlaceDto) => {
    unfold(place.parent);
    setAttention({ kind: "adding", place });
  };
  const addBelow = () => add({ parent: parentOf(tree, selected), after: selected });
  const addUnder = () => add(endOf(tree, selected));

  const onKey = (event: KeyboardEvent) => {
    const arrow = ARROWS[event.key];
    if (event.ctrlKey && event.shiftKey && arrow) {
      event.preventDefault();
      void move(arrow);
    } else if (lettersAct() && !event.ctrlKey && !event.metaKey && !event.altKey) {
      const act = { n: addBelow, m: props.onMoveTo, w: props.onWholeScreen }[event.key.toLowerCase()];
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
    setAttention({ kind: "adding", place: { parent: place.parent, after: id } });
    const result = await store.change({ kind: "addPages", pages: [{ id, place, title, reach: null }] });
    if (result.ok) props.onSelect(id);
    else {
      setAttention((now) =>
        now.kind === "adding" && now.place.after === id ? { kind: "adding", place } : now,
      );
    }
    return result;
  };
  const pastePages = async (text: string, place: PlaceDto) => {
    const result = await store.paste(text, place);
    if (result.ok) leave();
    return result;
  };

  /** Stays where it was while the row it comes after is on its way. */
  const addLine = useRef({ after: -1, level: 1 });
  const addLineAt = (place: PlaceDto) => {
    const { parent } = place;
    const known = [place.after, parent].every((id) => id === null || tree.pages.has(id));
    if (known) {
      addLine.current = {
        after: lastRowOf(rows, tree, place),
        level: parent === null ? 1 : levelOf(tree, parent) + 1,
      };
    }
    return addLine.current;
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
        row={row}
        problem={attention.kind === "problem" && attention.page === row.id ? attention.sentence : null}
        kept={copy.keeping.status === "kept" && copy.touched.has(row.id)}
      />
    );
    const placing = placings.data?.[row.id];
    return [
      text,
      addressOf(tree, row.id),
      placing?.menus.join(", "),
      <span key="clicks" className="number">
        {placing?.clicks ?? "–"}
      </span>,
    ];
  };

  return (
    <section className="desk" aria-label="Pages">
      <div className="head">
        <h2>Pages</h2>
        <span>
          {tree.pages.size === 1 ? "1 page" : `${tree.pages.size} pages`}
          {heldBack > 0 && ` · ${heldBack} held back`}
        </span>
        <span className="spring" />
        <Button size="small" onClick={() => toggleAll([...tree.children.keys()].filter((id) => id !== null))}>
          {folded.size > 0 ? "Unfold all" : "Fold all"}
        </Button>
      </div>
      <PageActions
        title={pageOf(tree, selected).title}
        may={(move) => placeAfterMove(tree, selected, move) !== null}
        onMove={move}
        onAddBelow={addBelow}
        onAddUnder={addUnder}
        onEdit={() => setAttention({ kind: "editing", page: selected })}
        onMoveTo={props.onMoveTo}
      />
      <Outline
        label="Pages"
        columns={["Title", "Address", "Stands in", "Clicks"]}
        rows={rows}
        selected={selected}
        gridRef={gridRef}
        extra={
          attention.kind === "adding"
            ? {
                ...addLineAt(attention.place),
                content: (
                  <AddLine
                    tree={tree}
                    place={attention.place}
                    onPlace={(place) => setAttention({ kind: "adding", place })}
                    onAdd={addPage}
                    onPaste={pastePages}
                    onLeave={leave}
                  />
                ),
              }
            : null
        }
        onSelect={select}
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
