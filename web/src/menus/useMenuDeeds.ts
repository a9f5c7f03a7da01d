import type { MenuDto, OfferDto, RowPlace } from "../api/client";
import { EVERYTHING } from "../outline/asking";
import { type Choice, only } from "../outline/choice";
import type { Load } from "../outline/drag";
import type { Target } from "../outline/drop";
import type { Move } from "../outline/moves";
import { beside, type Row } from "../outline/rows";
import type { Desk } from "../outline/useDesk";
import { newId } from "../shared/ids";
import { Objection } from "../shared/sentenceOf";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { childrenOf } from "../working-copy/tree";
import { type Adding, addingBelow, addingTo, addingUnder } from "./adding";
import { addOffered, changesOf, moveOf, set, wrapping } from "./deeds";
import { judge } from "./dropping";
import { titleOf } from "./ItemCell";
import type { Line } from "./lines";
import type { Deed } from "./MenuActions";
import type { LookingForItems } from "./MenuFinder";
import {
  isOwnItem,
  kindOfRows,
  listedPage,
  type MenuOutline,
  type Node,
  nodeOf,
  placeBelow,
} from "./outline";
import { useGestures } from "./useGestures";

/** Where pages of the tree are to be placed. */
export type Picking = { readonly place: RowPlace; readonly menu: MenuDto; readonly where: string };

export type MenuDeeds = ReturnType<typeof useMenuDeeds>;

type Props = {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly desk: Desk<Line>;
  readonly outline: MenuOutline;
  readonly outlineAt: (revision: number) => Promise<MenuOutline>;
  readonly looking: LookingForItems;
  readonly unfold: (id: string | null) => void;
  readonly choice: Choice;
  readonly selected: Node | null;
  /** The chosen rows in reading order, without those beneath another of them. */
  readonly nodes: readonly Node[];
  readonly onChoose: (choice: Choice) => void;
  readonly onPick: (picking: Picking) => void;
  readonly onMoveTo: (nodes: readonly Node[]) => void;
};

/** What can be done to the chosen rows of menus. */
export function useMenuDeeds(props: Props) {
  const { store, desk, outline, nodes, selected } = props;
  const { rows } = props.looking;
  const gesture = useGestures(store, props.outlineAt);
  const select = (id: string) => props.onChoose(only(id));
  /** Does something to rows and says at the first of them why not; tells whether it was done. */
  const make = async (what: Parameters<typeof gesture>[1], concerned = nodes): Promise<boolean> => {
    const result = await gesture(concerned, what);
    const at = concerned[0] ?? selected;
    if (result && at) desk.tell(at.id, result);
    return result?.ok ?? false;
  };
  /** Moves rows; where that moves a page, offers to move its row in this menu only. */
  const moving = async (what: Parameters<typeof gesture>[1], concerned = nodes): Promise<boolean> => {
    const done = await make(what, concerned);
    const [node] = concerned;
    if (done && node && concerned.length === 1 && listedPage(node) !== null) {
      store.offer({ words: "Only in this menu", act: () => void onlyHere(node, what) });
    }
    return done;
  };
  /** Undoes a move of a page, makes its row an item of its own, and moves that. */
  const onlyHere = async (node: Node, what: Parameters<typeof gesture>[1]): Promise<void> => {
    const undone = await store.undo();
    const loose = undone.ok ? await gesture([node], (_now, there) => changesOf(there, "detach")) : undone;
    if (!loose?.ok) return loose ? desk.tell(node.id, loose) : undefined;
    const now = await props.outlineAt(loose.answer.revision);
    const own = [...now.nodes.values()].find(
      (each) => each.menu.id === node.menu.id && isOwnItem(each) && each.row?.page === listedPage(node),
    );
    if (own && (await make(what, [own]))) select(own.id);
  };
  const open = (line: Adding | null) => {
    if (!line) return;
    props.looking.setAsking(EVERYTHING); // what is new would not be found
    desk.setAttention(line);
  };
  const addUnder = (node: Node) => {
    props.unfold(node.id);
    open(addingUnder(outline, rows, node));
  };
  const change = async (deed: Deed) => {
    // Options are set for each chosen row, what takes a branch along for the outermost only.
    const concerned = deed === "hide" ? [...props.choice.rows].map((id) => nodeOf(outline, id)) : nodes;
    const next = nextAfter(outline, rows, nodes);
    const done = await make((_now, there) => changesOf(there, deed), concerned);
    if (done && (deed === "remove" || deed === "leaveOut") && next !== null) select(next);
  };
  const opens = openings(props, { open, addUnder });
  return {
    select,
    open,
    addUnder,
    nameMenu: async (name: string) => {
      const menu = newId();
      const after = childrenOf(outline, null).at(-1) ?? null;
      const making = store.change({ kind: "addMenu", menu, after, name });
      open(addingTo(menu)); // takes what is typed on, before the answer is there
      const result = await making;
      if (result.ok) {
        await props.outlineAt(result.answer.revision);
        select(menu);
      } else desk.setAttention({ kind: "naming", refused: { name, sentence: result.sentence } });
      return result;
    },
    move: (to: Move) =>
      moving((now, there, tree) => [moveOf(now, tree, there, to)].filter((made) => made !== null)),
    perform: (deed: Deed) => {
      if (!selected) return;
      const act = opens[deed];
      if (act) act(selected);
      else void change(deed);
    },
    label: async (node: Node, text: string) => {
      const result = await store.change(
        node.row ? set([node], { label: text }) : { kind: "renameMenu", menu: node.id, name: text },
      );
      if (result.ok) desk.leave();
      return result;
    },
    wrap: async (node: Node, words: string): Promise<Result> => {
      const heading = newId();
      const result = await gesture(nodes, (now, there) => wrapping(now, there, heading, words));
      if (!result) return { ok: false, sentence: "That row is not there any more." };
      if (result.ok) {
        desk.leave();
        select(`${node.menu.id}/${heading}`);
      }
      return result;
    },
    fill: async (node: Node, offer: OfferDto) => {
      const place = placeBelow(outline, node);
      if (!place) return;
      props.unfold(node.menu.id);
      const id = newId();
      const result = await addOffered(store, props.copy.tree, node.menu, offer, id, place);
      desk.tell(node.id, result);
      if (result.ok) select(`${node.menu.id}/${id}`);
      desk.backToOutline();
    },
    drop: (load: Load, target: Target) =>
      moving(
        (now, there, tree) => {
          const ids = load.from === "rows" ? there.map((node) => node.id) : load.ids;
          const verdict = judge(now, tree, { ...load, ids }, target);
          if (verdict.kind === "refused") throw new Objection(verdict.words); // meanwhile; said beside the row
          return verdict.changes;
        },
        load.from === "rows" ? load.ids.map((row) => nodeOf(outline, row)) : [],
      ),
  };
}

/** The deeds that open something at the selected row, or beside the outline, and change nothing yet. */
function openings(
  props: Props,
  at: { readonly open: (line: Adding | null) => void; readonly addUnder: (node: Node) => void },
): Partial<Record<Deed, (node: Node) => void>> {
  const { desk, outline, nodes } = props;
  return {
    below: (node) =>
      node.parent === null ? at.addUnder(node) : at.open(addingBelow(outline, props.looking.rows, node)),
    under: at.addUnder,
    pick: (node) => {
      const place = placeBelow(outline, node);
      const where = node.parent === null ? `for ${node.menu.name}` : `after ${titleOf(node) || "the list"}`;
      if (place) props.onPick({ place, menu: node.menu, where });
    },
    moveTo: () => {
      if (kindOfRows(nodes)) props.onMoveTo(nodes);
    },
    wrap: () => {
      const first = kindOfRows(nodes) === "items" ? nodes[0] : undefined;
      if (first) desk.setAttention({ kind: "wrapping", node: first.id });
    },
    label: (node) => desk.edit(node.id),
  };
}

/** What is selected once rows are removed: a row beside them, but never one of another menu. */
function nextAfter(outline: MenuOutline, rows: readonly Row[], nodes: readonly Node[]): string | null {
  const next = beside(rows, new Set(nodes.map((node) => node.id)));
  const [first] = nodes;
  if (next === null || !first?.row) return next;
  return nodeOf(outline, next).menu.id === first.menu.id ? next : first.menu.id;
}
