import { Button } from "antd";
import { type KeyboardEvent, type ReactNode, type RefObject, useMemo, useRef, useState } from "react";
import type { MenuDto, OfferDto, RowPlace } from "../api/client";
import { EVERYTHING } from "../outline/asking";
import { Count } from "../outline/Count";
import { type Choice, only } from "../outline/choice";
import { DropCues } from "../outline/DropCues";
import { FoldButton } from "../outline/FoldButton";
import { ARROWS, type Move, outermost } from "../outline/moves";
import { Outline } from "../outline/Outline";
import { beside, type Row } from "../outline/rows";
import { Several } from "../outline/Several";
import { TitleField } from "../outline/TitleField";
import type { useFolding } from "../outline/useFolding";
import { newId } from "../shared/ids";
import { Later } from "../shared/Later";
import { lettersAct } from "../shell/keys";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { childrenOf, pageOf } from "../working-copy/tree";
import { type Adding, addingBelow, addingTo, addingUnder, nested, outOf, shownAt } from "./adding";
import { addOffered, changesOf, moveOf, set, wrapping } from "./deeds";
import { judge, loadOf } from "./dropping";
import { ItemCell, titleOf } from "./ItemCell";
import { ItemLine } from "./ItemLine";
import { type Deed, MenuActions } from "./MenuActions";
import { type LookingForItems, MenuFinder } from "./MenuFinder";
import { kindOfRows, type MenuOutline, type Node, nodeOf, placeBelow } from "./outline";
import { useAdding } from "./useAdding";
import { useGestures } from "./useGestures";
import { listWords } from "./words";

type Attention =
  | { readonly kind: "none" }
  | { readonly kind: "labelling"; readonly node: string }
  | { readonly kind: "naming" }
  | { readonly kind: "wrapping"; readonly node: string }
  | Adding
  | { readonly kind: "problem"; readonly node: string; readonly sentence: string };

const WIDTHS = ["minmax(90px, 38%)"];

const NONE: Attention = { kind: "none" };

/** Where pages of the tree are to be placed. */
export type Picking = { readonly place: RowPlace; readonly menu: MenuDto; readonly where: string };

/** The left side: all menus in one outline, the actions for the selected row, and the add line. */
export function MenuDesk(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly outline: MenuOutline;
  readonly choice: Choice;
  /** What was chosen last; it may not have come yet. */
  readonly chosen: string | null;
  readonly gridRef: RefObject<HTMLDivElement | null>;
  readonly onChoose: (choice: Choice) => void;
  readonly onWholeScreen: () => void;
  readonly onPick: (picking: Picking) => void;
  readonly onMoveTo: (nodes: readonly Node[]) => void;
  /** The outline of all menus at a revision that may still be on its way. */
  readonly outlineAt: (revision: number) => Promise<MenuOutline>;
  readonly folding: ReturnType<typeof useFolding>;
  readonly looking: LookingForItems;
}) {
  const { copy, store, outline, choice, gridRef } = props;
  const selected = choice.at === null ? null : nodeOf(outline, choice.at);
  /** The chosen rows in reading order, without those beneath another of them. */
  const nodes = useMemo(
    () => outermost(outline, choice.rows).map((id) => nodeOf(outline, id)),
    [outline, choice.rows],
  );
  const [ticking, setTicking] = useState(false);
  const { fold, unfold } = props.folding;
  const [attention, setAttention] = useState<Attention>(NONE);
  const { looking } = props;
  const { rows } = looking;
  const menus = childrenOf(outline, null);

  const rowOf = (id: string) => rows.find((row) => row.id === id);

  const backToOutline = () => gridRef.current?.focus({ preventScroll: true });
  const leave = () => {
    setAttention(NONE);
    backToOutline();
  };
  const told = (node: Node, result: Result) =>
    setAttention(result.ok ? NONE : { kind: "problem", node: node.id, sentence: result.sentence });

  const gesture = useGestures(store, props.outlineAt);
  const select = (id: string) => props.onChoose(only(id));
  const make = async (what: Parameters<typeof gesture>[1], rows = nodes): Promise<boolean> => {
    const result = await gesture(rows, what);
    const beside = rows[0] ?? selected;
    if (result && beside) told(beside, result);
    return result?.ok ?? false;
  };
  const move = (to: Move) =>
    make((now, there, tree) => [moveOf(now, tree, there, to)].filter((change) => change !== null));
  const open = (line: Adding | null) => {
    if (!line) return;
    looking.setAsking(EVERYTHING); // what is new would not be found
    setAttention(line);
  };
  const addUnder = (node: Node) => {
    unfold(node.id);
    open(addingUnder(outline, rows, node));
  };
  const pick = (node: Node) => {
    const place = placeBelow(outline, node);
    if (!place) return;
    props.onPick({
      place,
      menu: node.menu,
      where: node.parent === null ? `for ${node.menu.name}` : `after ${titleOf(node) || "the list"}`,
    });
  };
  const fill = async (node: Node, offer: OfferDto) => {
    const place = placeBelow(outline, node);
    if (!place) return;
    unfold(node.menu.id);
    const id = newId();
    const result = await addOffered(store, copy.tree, offer, id, place);
    told(node, result);
    if (result.ok) select(`${node.menu.id}/${id}`);
    backToOutline();
  };
  /** A menu just made, which can be filled before the outline has come with it. */
  const fresh = useRef<string | null>(null);
  const perform = async (deed: Deed) => {
    const made = fresh.current;
    if (deed === "below" && made !== null && made === props.chosen && !outline.nodes.has(made)) {
      return open(addingTo(made));
    }
    if (!selected) return;
    if (deed === "below" && selected.parent !== null) return open(addingBelow(outline, rows, selected));
    if (deed === "below" || deed === "under") return addUnder(selected);
    if (deed === "pick") return pick(selected);
    if (deed === "moveTo") return kindOfRows(nodes) && props.onMoveTo(nodes);
    if (deed === "wrap") {
      const first = kindOfRows(nodes) === "items" ? nodes[0] : undefined;
      return first && setAttention({ kind: "wrapping", node: first.id });
    }
    if (deed === "label") return setAttention({ kind: "labelling", node: selected.id });
    const goes = deed === "remove" || deed === "leaveOut";
    const next = beside(rows, new Set(nodes.map((node) => node.id)));
    // Options are set for each chosen row, what takes a branch along for the outermost only.
    const concerned = deed === "hide" ? [...choice.rows].map((id) => nodeOf(outline, id)) : nodes;
    const done = await make((_now, there) => changesOf(there, deed), concerned);
    if (done && goes && next !== null) select(next);
  };

  const onKey = (event: KeyboardEvent) => {
    const arrow = ARROWS[event.key];
    const plain = !event.ctrlKey && !event.metaKey && !event.altKey;
    const act =
      event.ctrlKey && event.shiftKey && arrow
        ? () => void move(arrow)
        : event.ctrlKey && event.key.toLowerCase() === "d"
          ? () => void perform("copy")
          : event.key === "Delete"
            ? () => event.repeat || void perform("remove") // held down a moment too long, it takes one row, not ten
            : plain && lettersAct()
              ? {
                  n: () => void perform("below"),
                  h: () => void perform("hide"),
                  p: () => void perform("pick"),
                  g: () => void perform("wrap"),
                  m: () => void perform("moveTo"),
                  w: props.onWholeScreen,
                }[event.key.toLowerCase()]
              : undefined;
    if (act) {
      event.preventDefault();
      event.stopPropagation();
      act();
    }
  };

  const nameMenu = async (name: string) => {
    const menu = newId();
    const result = await store.change({ kind: "addMenu", menu, after: menus.at(-1) ?? null, name });
    if (result.ok) {
      leave();
      fresh.current = menu;
      select(menu);
    }
    return result;
  };
  const label = async (node: Node, text: string) => {
    const result = await store.change(
      node.row ? set([node], { label: text }) : { kind: "renameMenu", menu: node.id, name: text },
    );
    if (result.ok) leave();
    return result;
  };
  const wrap = async (node: Node, words: string): Promise<Result> => {
    const heading = newId();
    const result = await gesture(nodes, (now, there) => wrapping(now, there, heading, words));
    if (!result) return { ok: false, sentence: "That row is not there any more." };
    if (result.ok) {
      leave();
      select(`${node.menu.id}/${heading}`);
    }
    return result;
  };
  const adding = attention.kind === "adding" ? attention : null;
  const line = useAdding({
    store,
    outlineAt: props.outlineAt,
    line: adding,
    onLine: (next) => setAttention((now) => (now.kind === "adding" ? next(now) : now)),
    onLeave: leave,
  });

  const titleOfPage = (page: string) =>
    copy.tree.pages.has(page) ? pageOf(copy.tree, page).title : "a page";
  const cells = (row: Row): ReactNode[] => {
    const node = nodeOf(outline, row.id);
    const list = node.row ? listWords(node.row, titleOfPage) : "";
    const text =
      attention.kind === "labelling" && attention.node === row.id ? (
        <TitleField
          key="labelling"
          label={node.row ? `Label of ${titleOf(node)}` : `Name of ${titleOf(node)}`}
          initial={node.row ? node.row.ownLabel : node.menu.name}
          placeholder={node.row?.followed ?? ""}
          onKeep={(typed) => label(node, typed)}
          onLeave={leave}
        />
      ) : (
        <ItemCell
          key="text"
          node={node}
          folded={row.folded}
          beneath={row.subpages}
          list={list}
          page={node.row?.page ? copy.tree.pages.get(node.row.page) : undefined}
          problem={attention.kind === "problem" && attention.node === row.id ? attention.sentence : null}
        />
      );
    return [
      text,
      node.row ? node.row.leads : `${node.menu.items === 1 ? "1 item" : `${node.menu.items} items`}`,
    ];
  };

  return (
    <section className="desk" aria-label="Menus">
      <div className="head">
        <h2>Menus</h2>
        <Count
          what="item"
          found={looking.matches}
          all={menus.length === 1 ? "1 menu" : `${menus.length} menus`}
        />
        <span className="spring" />
        <Several on={ticking} onSwitch={setTicking} />
        <FoldButton folding={props.folding} tree={outline} />
        <Button size="small" onClick={() => setAttention({ kind: "naming" })}>
          New menu
        </Button>
      </div>
      <MenuFinder
        outline={outline}
        looking={looking}
        onLeave={() => {
          const first = looking.matches?.[0];
          if (first !== undefined && !rows.some((row) => row.id === selected?.id)) select(first);
          backToOutline();
        }}
        onGo={(menu) => {
          unfold(menu);
          looking.setAsking(EVERYTHING);
          select(menu);
          backToOutline();
        }}
      />
      {selected && (
        <Later of={`${selected.id} ${choice.rows.size}`}>
          <MenuActions
            node={selected}
            title={choice.rows.size > 1 ? `${choice.rows.size} rows` : titleOf(selected) || "The list"}
            several={choice.rows.size > 1 ? kindOfRows(nodes) : undefined}
            may={(to) => moveOf(outline, copy.tree, nodes, to) !== null}
            onMove={move}
            onDo={perform}
            onFill={(offer) => void fill(selected, offer)}
          />
        </Later>
      )}
      <Outline
        label="Menus"
        columns={["Item", "Leads to"]}
        widths={WIDTHS}
        rows={rows}
        choice={choice}
        ticking={ticking}
        gridRef={gridRef}
        load={(id) => loadOf(outline, rows, choice.rows.has(id) ? nodes : [nodeOf(outline, id)])}
        cues={
          <DropCues
            gridRef={gridRef}
            rows={rows}
            revision={copy.revision}
            judge={(load, target) => judge(outline, copy.tree, load, target)}
            onDrop={(load, target) =>
              void make(
                (now, there, tree) => {
                  const ids = load.from === "rows" ? there.map((node) => node.id) : load.ids;
                  const verdict = judge(now, tree, { ...load, ids }, target);
                  if (verdict.kind === "refused") throw new Error(verdict.words); // meanwhile; said beside the row
                  return verdict.changes;
                },
                load.from === "rows" ? load.ids.map((row) => nodeOf(outline, row)) : [],
              )
            }
            onUnfold={unfold}
          />
        }
        extra={
          adding
            ? {
                after: shownAt(rows, adding.shownAfter),
                level: adding.level,
                content: (
                  <ItemLine
                    menu={adding.menu}
                    place={adding.place}
                    onAdd={line.add}
                    onForetell={line.foretell}
                    onPaste={line.paste}
                    onNest={() => open(nested(adding))}
                    onOut={() => open(outOf(outline, adding))}
                    onLeave={leave}
                  />
                ),
              }
            : attention.kind === "wrapping" && rowOf(attention.node)
              ? {
                  after: rows.findIndex((row) => row.id === attention.node) - 1,
                  level: rowOf(attention.node)?.level ?? 1,
                  content: (
                    <TitleField
                      label="The new heading"
                      initial=""
                      placeholder="Words of the heading"
                      onKeep={(words) => wrap(nodeOf(outline, attention.node), words)}
                      onLeave={leave}
                    />
                  ),
                }
              : attention.kind === "naming"
                ? {
                    after: rows.length - 1,
                    level: 1,
                    content: (
                      <TitleField
                        label="Name of the new menu"
                        initial=""
                        placeholder="What you call it; visitors never see it"
                        onKeep={nameMenu}
                        onLeave={leave}
                      />
                    ),
                  }
                : null
        }
        onChoose={(next) => {
          setAttention(NONE);
          props.onChoose(next);
        }}
        onEdit={(id) => {
          if (!nodeOf(outline, id).row?.foreign) setAttention({ kind: "labelling", node: id });
        }}
        onFold={fold}
        onKey={onKey}
        cells={cells}
      />
      {selected && (
        <button
          type="button"
          className="add-teaser"
          onClick={() => addUnder(nodeOf(outline, selected.menu.id))}
        >
          <span aria-hidden="true">+</span> A page, a link, a heading… at the end of {selected.menu.name}
        </button>
      )}
    </section>
  );
}
