import { Button } from "antd";
import { type ReactNode, type RefObject, useMemo } from "react";
import { EVERYTHING } from "../outline/asking";
import { Count } from "../outline/Count";
import type { Choice } from "../outline/choice";
import { DeskLayout } from "../outline/DeskLayout";
import { FoldButton } from "../outline/FoldButton";
import { moveKeys, outermost } from "../outline/moves";
import type { Row } from "../outline/rows";
import { TitleField } from "../outline/TitleField";
import { type Desk, useDesk } from "../outline/useDesk";
import type { Folding } from "../outline/useFolding";
import { counted } from "../shared/counted";
import { Later } from "../shared/Later";
import type { Keys } from "../shell/keys";
import { Remedies } from "../working-copy/remedies";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { childrenOf, pageOf } from "../working-copy/tree";
import { nested, outOf } from "./adding";
import { moveOf } from "./deeds";
import { judge, loadOf } from "./dropping";
import { ItemCell, titleOf } from "./ItemCell";
import { ItemLine } from "./ItemLine";
import { type Line, whereIs } from "./lines";
import { MenuActions } from "./MenuActions";
import { type LookingForItems, MenuFinder } from "./MenuFinder";
import { kindOfRows, type MenuOutline, type Node, nodeOf } from "./outline";
import { useAdding } from "./useAdding";
import { type MenuDeeds, type Picking, useMenuDeeds } from "./useMenuDeeds";
import { listWords } from "./words";

const WIDTHS = ["minmax(90px, 38%)"];

/** The left side: all menus in one outline, the actions for the selected row, and the add line. */
export function MenuDesk(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly outline: MenuOutline;
  readonly choice: Choice;
  readonly gridRef: RefObject<HTMLDivElement | null>;
  readonly onChoose: (choice: Choice) => void;
  readonly onWholeScreen: () => void;
  readonly onPick: (picking: Picking) => void;
  readonly onMoveTo: (nodes: readonly Node[]) => void;
  /** The outline of all menus at a revision that may still be on its way. */
  readonly outlineAt: (revision: number) => Promise<MenuOutline>;
  readonly folding: Folding;
  readonly looking: LookingForItems;
}) {
  const { copy, outline, choice, looking, folding } = props;
  const { rows } = looking;
  const { unfold } = folding;
  const selected = choice.at === null ? null : nodeOf(outline, choice.at);
  const nodes = useMemo(
    () => outermost(outline, choice.rows).map((id) => nodeOf(outline, id)),
    [outline, choice.rows],
  );
  const desk = useDesk<Line>(props.gridRef, props.onChoose);
  const deeds = useMenuDeeds({ ...props, desk, unfold, selected, nodes });
  const extra = useExtraRow({ ...props, desk, deeds });
  return (
    <DeskLayout
      label="Menus"
      desk={desk}
      count={<MenuCount outline={outline} found={looking.matches} />}
      buttons={
        <>
          <FoldButton folding={folding} tree={outline} />
          <Button size="small" onClick={() => desk.setAttention({ kind: "naming" })}>
            New menu
          </Button>
        </>
      }
      finder={<Finder outline={outline} looking={looking} selected={selected} {...{ unfold, desk, deeds }} />}
      actions={
        selected && (
          <Later of={`${selected.id} ${choice.rows.size}`}>
            <MenuActions
              node={selected}
              title={
                choice.rows.size > 1
                  ? counted(choice.rows.size, "# row", "# rows")
                  : titleOf(selected) || "The list"
              }
              several={choice.rows.size > 1 ? kindOfRows(nodes) : undefined}
              may={(to) => moveOf(outline, copy.tree, nodes, to) !== null}
              onMove={deeds.move}
              onDo={deeds.perform}
              onFill={(offer) => void deeds.fill(selected, offer)}
            />
          </Later>
        )
      }
      columns={["Item", "Leads to"]}
      widths={WIDTHS}
      rows={rows}
      choice={choice}
      revision={copy.revision}
      extra={extra}
      keys={keysOf(deeds, props.onWholeScreen)}
      load={(id) => loadOf(outline, rows, choice.rows.has(id) ? nodes : [nodeOf(outline, id)])}
      judge={(load, target) => judge(outline, copy.tree, load, target)}
      onDrop={(load, target) => void deeds.drop(load, target)}
      onEdit={(id) => {
        if (!nodeOf(outline, id).row?.foreign) desk.edit(id);
      }}
      onFold={folding.fold}
      cells={(row) => cellsOf(row, nodeOf(outline, row.id), { copy, desk, deeds })}
      teaser={selected && <Teaser menu={nodeOf(outline, selected.menu.id)} onOpen={deeds.addUnder} />}
    />
  );
}

function keysOf(deeds: MenuDeeds, onWholeScreen: () => void): Keys {
  return {
    ...moveKeys((to) => void deeds.move(to)),
    "Ctrl+d": () => deeds.perform("copy"),
    Delete: () => deeds.perform("remove"),
    n: () => deeds.perform("below"),
    h: () => deeds.perform("hide"),
    p: () => deeds.perform("pick"),
    g: () => deeds.perform("wrap"),
    m: () => deeds.perform("moveTo"),
    w: onWholeScreen,
  };
}

function MenuCount(props: { readonly outline: MenuOutline; readonly found: readonly string[] | null }) {
  const menus = childrenOf(props.outline, null).length;
  return <Count what="item" found={props.found} all={counted(menus, "# menu", "# menus")} />;
}

function Teaser({ menu, onOpen }: { readonly menu: Node; readonly onOpen: (menu: Node) => void }) {
  return (
    <button type="button" className="add-teaser" onClick={() => onOpen(menu)}>
      <span aria-hidden="true">+</span> A page, a link, a heading… at the end of {titleOf(menu)}
    </button>
  );
}

function Finder(props: {
  readonly outline: MenuOutline;
  readonly looking: LookingForItems;
  readonly selected: Node | null;
  readonly unfold: (id: string | null) => void;
  readonly desk: Desk<Line>;
  readonly deeds: MenuDeeds;
}) {
  const { looking, selected, desk, deeds } = props;
  return (
    <MenuFinder
      outline={props.outline}
      looking={looking}
      onLeave={() => {
        const first = looking.matches?.[0];
        if (first !== undefined && !looking.rows.some((row) => row.id === selected?.id)) deeds.select(first);
        desk.backToOutline();
      }}
      onGo={(menu) => {
        props.unfold(menu);
        looking.setAsking(EVERYTHING);
        deeds.select(menu);
        desk.backToOutline();
      }}
    />
  );
}

function cellsOf(
  row: Row,
  node: Node,
  at: { readonly copy: WorkingCopy; readonly desk: Desk<Line>; readonly deeds: MenuDeeds },
): ReactNode[] {
  const { desk, deeds } = at;
  const { tree } = at.copy;
  const titleOfPage = (page: string) => (tree.pages.has(page) ? pageOf(tree, page).title : "a page");
  const text = desk.isEdited(row.id) ? (
    <TitleField
      key="labelling"
      label={node.row ? `Label of ${titleOf(node)}` : `Name of ${titleOf(node)}`}
      initial={node.row ? node.row.ownLabel : node.menu.name}
      placeholder={node.row?.followed ?? ""}
      onKeep={(typed) => deeds.label(node, typed)}
      onLeave={desk.leave}
    />
  ) : (
    <ItemCell
      key="text"
      node={node}
      folded={row.folded}
      beneath={row.subpages}
      list={node.row ? listWords(node.row, titleOfPage) : ""}
      page={node.row?.page ? tree.pages.get(node.row.page) : undefined}
      problem={desk.problemAt(row.id)}
    />
  );
  const { items } = node.menu;
  return [text, node.row ? node.row.leads : counted(items, "# item", "# items")];
}

function useExtraRow(props: {
  readonly store: WorkingCopyStore;
  readonly outline: MenuOutline;
  readonly outlineAt: (revision: number) => Promise<MenuOutline>;
  readonly looking: LookingForItems;
  readonly desk: Desk<Line>;
  readonly deeds: MenuDeeds;
}) {
  const { store, outline, outlineAt, desk, deeds } = props;
  const line = desk.attention;
  const adding = useAdding({
    store,
    outlineAt,
    line: line.kind === "adding" ? line : null,
    onAdded: deeds.select,
    onLine: (next) => desk.setAttention((now) => (now.kind === "adding" ? next(now) : now)),
    onLeave: desk.leave,
  });
  if (line.kind !== "adding" && line.kind !== "wrapping" && line.kind !== "naming") return null;
  const where = whereIs(line, props.looking.rows);
  if (!where) return null;
  const content =
    line.kind === "adding" ? (
      <ItemLine
        menu={line.menu}
        place={line.place}
        settled={store.settled}
        onAdd={adding.add}
        onForetell={adding.foretell}
        onPaste={adding.paste}
        about={(added, done) => (
          <div className="forms" role="status">
            {added.told.slice(1).join(" ")}{" "}
            <Remedies
              tree={store.current().copy.tree}
              store={store}
              remedies={added.remedies}
              onDone={done}
            />
          </div>
        )}
        onNest={() => deeds.open(nested(line))}
        onOut={() => deeds.open(outOf(outline, line))}
        onLeave={desk.leave}
      />
    ) : line.kind === "wrapping" ? (
      <TitleField
        label="The new heading"
        initial=""
        placeholder="Words of the heading"
        onKeep={(words) => deeds.wrap(nodeOf(outline, line.node), words)}
        onLeave={desk.leave}
      />
    ) : (
      <TitleField
        label="Name of the new menu"
        initial=""
        placeholder="What you call it; visitors never see it"
        refused={line.refused}
        onKeep={deeds.nameMenu}
        onLeave={desk.leave}
      />
    );
  return { ...where, content };
}
