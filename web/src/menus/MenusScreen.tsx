import { memo, useEffect, useEffectEvent, useRef, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { EVERYTHING } from "../outline/asking";
import { type Choice, only, present } from "../outline/choice";
import { useFolding } from "../outline/useFolding";
import { Later } from "../shared/Later";
import { CouldNotLoad } from "../shell/CouldNotLoad";
import { Split } from "../shell/Split";
import { useWholeScreen } from "../shell/useWholeScreen";
import type { Pointed } from "../window/useFrame";
import { WindowPane } from "../window/WindowPane";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOf, pathTo } from "../working-copy/tree";
import { ItemCard } from "./ItemCard";
import { ItemsCard } from "./ItemsCard";
import { MenuCard } from "./MenuCard";
import { MenuDesk } from "./MenuDesk";
import { useLookingForItems } from "./MenuFinder";
import { MoveItems } from "./MoveItems";
import { findItem, listedPage, type MenuOutline, type Node, nodeOf, sameRow } from "./outline";
import { TreePick } from "./TreePick";
import type { Picking } from "./useMenuDeeds";
import { useMenus } from "./useMenus";
import "./menus.css";

/** Where the owner arranges menus: all of them in one outline, the window beside it, the card beneath the window. */
export default memo(MenusScreen);

function MenusScreen({
  copy,
  store,
  page,
  onPage,
}: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  /** The page in the window. */
  readonly page: string;
  readonly onPage: (page: string) => void;
}) {
  const menus = useMenus(copy.revision);
  const [asked] = useSearchParams();
  const navigate = useNavigate();
  const gridRef = useRef<HTMLDivElement>(null);
  const [whole, setWhole] = useWholeScreen(gridRef);
  const [last, setLast] = useState(only(null));
  /** The chosen rows as they were when chosen, to find them again under another id. */
  const [known, setKnown] = useState<ReadonlyMap<string, Node>>(new Map());
  const [picking, setPicking] = useState<Picking | null>(null);
  const [moving, setMoving] = useState<readonly Node[]>([]);
  const ready = menus.status === "ready" ? menus.outline : null;
  const folding = useFolding("menus");
  const looking = useLookingForItems(ready, folding.folded);
  /** Chosen from elsewhere, so it is shown whatever is looked for. */
  const goTo = (id: string) => {
    if (!looking.rows.some((row) => row.id === id)) looking.setAsking(EVERYTHING);
    gridRef.current?.focus({ preventScroll: true });
  };

  const wantedItem = asked.get("item");
  const wantedPage = asked.get("page");
  const arrive = useEffectEvent((there: MenuOutline, item: string, page: string | null) => {
    const found = findItem(there, item, page) ?? findItem(there, item, null);
    if (found) {
      setLast(only(found.id));
      goTo(found.id);
    }
    void navigate("/menus", { replace: true });
  });
  useEffect(() => {
    if (ready && wantedItem !== null) arrive(ready, wantedItem, wantedPage);
  }, [ready, wantedItem, wantedPage]);

  if (menus.status === "failed") {
    return (
      <CouldNotLoad what="your menus" sentence="Velnik does not answer just now." onRetry={menus.retry} />
    );
  }
  if (menus.status === "loading") return <main className="area" aria-busy="true" />;
  const { outline } = menus;
  const first = outline.children.get(null)?.[0];
  const now = (id: string) => {
    const node = known.get(id);
    return outline.nodes.has(id) ? id : node && sameRow(outline, node)?.id;
  };
  const choice = present(last, now, first ?? null);
  const selected = choice.at === null ? null : nodeOf(outline, choice.at);
  const several = [...choice.rows].map((id) => nodeOf(outline, id));
  const choose = (next: Choice) => {
    setLast(next);
    setPicking(null);
    setMoving([]);
    setKnown(new Map([...next.rows].flatMap((id) => [[id, outline.nodes.get(id)] as const]).filter(isKnown)));
  };
  const backToOutline = () => {
    setPicking(null);
    setMoving([]);
    gridRef.current?.focus({ preventScroll: true });
  };
  return (
    <Split
      whole={whole}
      desk={
        <MenuDesk
          copy={copy}
          store={store}
          outline={outline}
          choice={choice}
          chosen={last.at}
          gridRef={gridRef}
          onChoose={choose}
          onWholeScreen={() => setWhole(true)}
          onPick={(next) => {
            setMoving([]);
            setPicking(next);
          }}
          onMoveTo={(nodes) => {
            setPicking(null);
            setMoving(nodes);
          }}
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
            moment={`${copy.revision} ${copy.turns}`}
            path={pathTo(copy.tree, page).map((step) => pageOf(copy.tree, step).title)}
            whole={whole}
            pointed={
              selected
                ? { menu: selected.menu.id, item: selected.row?.item ?? null, page: listedPage(selected) }
                : null
            }
            onWhole={setWhole}
            onVisit={(visited) => {
              if (copy.tree.pages.has(visited)) onPage(visited);
            }}
            nameOf={(pointed) => nameOf(outline, pointed)}
            onPoint={(at) => {
              const found =
                at.item === null
                  ? at.menu === null
                    ? undefined
                    : outline.nodes.get(at.menu)
                  : (findItem(outline, at.item, at.page) ?? findItem(outline, at.item, null));
              if (found) {
                choose(only(found.id));
                goTo(found.id);
              }
            }}
          />
        </Later>
      }
      card={
        <Later of={`${selected?.id} ${several.length} ${picking?.where} ${moving.length}`}>
          {picking ? (
            <TreePick
              tree={copy.tree}
              place={picking.place}
              where={picking.where}
              placed={new Set(picking.menu.rows.map((row) => row.page).filter((each) => each !== null))}
              onPlace={async (change) => {
                const result = await store.change(change);
                if (result.ok) backToOutline();
                return result;
              }}
              onLeave={backToOutline}
            />
          ) : moving.length > 0 ? (
            <MoveItems
              store={store}
              outline={outline}
              outlineAt={menus.at}
              moving={moving}
              onDone={backToOutline}
            />
          ) : !selected ? (
            <section className="card" aria-label="No menu">
              <h2>There is no menu yet</h2>
              <p className="sentence">“New menu” above the outline makes the first.</p>
            </section>
          ) : several.length > 1 ? (
            <ItemsCard key={selected.id} store={store} nodes={several} at={selected} />
          ) : selected.row ? (
            <ItemCard
              key={selected.id}
              copy={copy}
              store={store}
              node={selected}
              row={selected.row}
              menus={menus.menus.menus}
              page={page}
            />
          ) : (
            <MenuCard key={selected.id} copy={copy} store={store} menu={selected.menu} page={page} />
          )}
        </Later>
      }
    />
  );
}

function isKnown(entry: readonly [string, Node | undefined]): entry is [string, Node] {
  return entry[1] !== undefined;
}

/** "Main › Hire" */
function nameOf(outline: Parameters<typeof findItem>[0], at: Pointed): string | null {
  const menu = at.menu === null ? undefined : outline.nodes.get(at.menu);
  if (!menu) return null;
  const row =
    at.item === null ? undefined : (findItem(outline, at.item, at.page) ?? findItem(outline, at.item, null));
  return row?.row ? `${menu.menu.name} › ${row.row.label}` : menu.menu.name;
}
