import { memo, useEffect, useEffectEvent, useRef, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { EVERYTHING } from "../outline/asking";
import { type Choice, only } from "../outline/choice";
import { useFolding } from "../outline/useFolding";
import { Later } from "../shared/Later";
import { NotYet } from "../shell/NotYet";
import { Split } from "../shell/Split";
import { useWholeScreen } from "../shell/useWholeScreen";
import type { Pointed } from "../window/useFrame";
import { WindowPane } from "../window/WindowPane";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOf, pathTo } from "../working-copy/tree";
import { MenuDesk } from "./MenuDesk";
import { useLookingForItems } from "./MenuFinder";
import { type Asked, MenusCard } from "./MenusCard";
import { findItem, listedPage, type MenuOutline, type Node } from "./outline";
import { useChosenRows } from "./useChosenRows";
import { type Menus, useMenus } from "./useMenus";
import "./menus.css";

type Props = {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  /** The page in the window. */
  readonly page: string;
  readonly onPage: (page: string) => void;
};

/** Where the owner arranges menus: all of them in one outline, the window beside it, the card beneath the window. */
export default memo(MenusScreen);

function MenusScreen(props: Props) {
  const menus = useMenus(props.copy.revision);
  if (menus.status !== "known") return <NotYet answer={menus} what="your menus" />;
  return <Arranging {...props} menus={menus.value} />;
}

const NOTHING: Asked = { kind: "none" };

function Arranging({ copy, store, page, onPage, menus }: Props & { readonly menus: Menus }) {
  const { outline } = menus;
  const gridRef = useRef<HTMLDivElement>(null);
  const [whole, setWhole] = useWholeScreen(gridRef);
  const { choice, selected, several, choose } = useChosenRows(outline);
  const [asked, setAsked] = useState<Asked>(NOTHING);
  const folding = useFolding("menus");
  const looking = useLookingForItems(outline, folding.folded);
  const backToOutline = () => {
    setAsked(NOTHING);
    gridRef.current?.focus({ preventScroll: true });
  };
  const take = (next: Choice) => {
    choose(next);
    setAsked(NOTHING);
  };
  /** Chosen from elsewhere, so it is shown whatever is looked for. */
  const goTo = (found: Node | undefined) => {
    if (!found) return;
    take(only(found.id));
    if (!looking.rows.some((row) => row.id === found.id)) looking.setAsking(EVERYTHING);
    gridRef.current?.focus({ preventScroll: true });
  };
  useArriving(outline, goTo);
  return (
    <Split
      whole={whole}
      tall={asked.kind === "picking"}
      desk={
        <MenuDesk
          copy={copy}
          store={store}
          outline={outline}
          choice={choice}
          gridRef={gridRef}
          onChoose={take}
          onWholeScreen={() => setWhole(true)}
          onPick={(picking) => setAsked({ kind: "picking", picking })}
          onMoveTo={(nodes) => setAsked({ kind: "moving", nodes })}
          outlineAt={menus.at}
          folding={folding}
          looking={looking}
        />
      }
      window={
        <Later of={`${selected?.id} ${page} ${whole}`}>
          <WindowPane
            tree={copy.tree}
            page={page}
            moment={`${copy.revision} ${copy.release} ${copy.turns}`}
            path={pathTo(copy.tree, page).map((step) => pageOf(copy.tree, step).title)}
            whole={whole}
            pointed={pointedAt(selected)}
            onWhole={setWhole}
            onVisit={(visited) => {
              if (copy.tree.pages.has(visited)) onPage(visited);
            }}
            nameOf={(pointed) => nameOf(outline, pointed)}
            onPoint={(at) => goTo(rowAt(outline, at))}
          />
        </Later>
      }
      card={
        <Later of={`${selected?.id} ${several.length} ${nameOfAsked(asked)}`}>
          <MenusCard {...{ copy, store, menus, asked, selected, several, page }} onDone={backToOutline} />
        </Later>
      }
    />
  );
}

/** Chooses the item that the address names, coming from another screen, and makes the address plain again. */
function useArriving(outline: MenuOutline, goTo: (found: Node | undefined) => void): void {
  const [asked] = useSearchParams();
  const navigate = useNavigate();
  const item = asked.get("item");
  const page = asked.get("page");
  const arrive = useEffectEvent((wanted: string) => {
    goTo(itemAt(outline, wanted, page));
    void navigate("/menus", { replace: true });
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: another row of a list is another place to arrive at
  useEffect(() => {
    if (item !== null) arrive(item);
  }, [item, page]);
}

/** The row of a list for a page, or the list where it has none for it. */
function itemAt(outline: MenuOutline, item: string, page: string | null): Node | undefined {
  return findItem(outline, item, page) ?? findItem(outline, item, null);
}

function rowAt(outline: MenuOutline, at: Pointed): Node | undefined {
  if (at.item !== null) return itemAt(outline, at.item, at.page);
  return at.menu === null ? undefined : outline.nodes.get(at.menu);
}

function pointedAt(selected: Node | null): Pointed | null {
  return selected && { menu: selected.menu.id, item: selected.row?.item ?? null, page: listedPage(selected) };
}

function nameOfAsked(asked: Asked): string {
  return asked.kind === "picking" ? `picking ${asked.picking.where}` : asked.kind;
}

/** "Main › Hire" */
function nameOf(outline: MenuOutline, at: Pointed): string | null {
  const menu = at.menu === null ? undefined : outline.nodes.get(at.menu);
  if (!menu) return null;
  const row = at.item === null ? undefined : itemAt(outline, at.item, at.page);
  return row?.row ? `${menu.menu.name} › ${row.row.label}` : menu.menu.name;
}
