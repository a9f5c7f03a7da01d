import { useEffect, useRef, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { CouldNotLoad } from "../shell/CouldNotLoad";
import { Split } from "../shell/Split";
import { useWholeScreen } from "../shell/useWholeScreen";
import type { Pointed } from "../window/useFrame";
import { WindowPane } from "../window/WindowPane";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOf, pathTo } from "../working-copy/tree";
import { ItemCard } from "./ItemCard";
import { MenuCard } from "./MenuCard";
import { MenuDesk, type Picking } from "./MenuDesk";
import { findItem, listedPage, type Node, sameRow } from "./outline";
import { TreePick } from "./TreePick";
import { useMenus } from "./useMenus";
import "./menus.css";

/** Where the owner arranges menus: all of them in one outline, the window beside it, the card beneath the window. */
export default function MenusScreen({
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
  const [chosen, setChosen] = useState<string | null>(null);
  const [last, setLast] = useState<Node | null>(null);
  const [picking, setPicking] = useState<Picking | null>(null);
  const ready = menus.status === "ready" ? menus.outline : null;

  const wantedItem = asked.get("item");
  const wantedPage = asked.get("page");
  useEffect(() => {
    if (!ready || wantedItem === null) return;
    const found = findItem(ready, wantedItem, wantedPage) ?? findItem(ready, wantedItem, null);
    if (found) setChosen(found.id);
    void navigate("/menus", { replace: true });
  }, [ready, wantedItem, wantedPage, navigate]);

  if (menus.status === "failed") {
    return (
      <CouldNotLoad what="your menus" sentence="Velnik does not answer just now." onRetry={menus.retry} />
    );
  }
  if (menus.status === "loading") return <main className="area" aria-busy="true" />;
  const { outline } = menus;
  const first = outline.children.get(null)?.[0];
  const selected =
    nodeFor(outline, chosen) ??
    (last ? sameRow(outline, last) : undefined) ??
    (first ? (outline.nodes.get(first) ?? null) : null);
  const select = (id: string) => {
    setChosen(id);
    setPicking(null);
    setLast(outline.nodes.get(id) ?? null);
  };
  const stopPicking = () => {
    setPicking(null);
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
          selected={selected}
          chosen={chosen}
          gridRef={gridRef}
          onSelect={select}
          onWholeScreen={() => setWhole(true)}
          onPick={setPicking}
          outlineAt={menus.at}
        />
      }
      window={
        <WindowPane
          tree={copy.tree}
          page={page}
          revision={copy.revision}
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
              select(found.id);
              gridRef.current?.focus({ preventScroll: true });
            }
          }}
        />
      }
      card={
        picking ? (
          <TreePick
            tree={copy.tree}
            place={picking.place}
            where={picking.where}
            placed={new Set(picking.menu.rows.map((row) => row.page).filter((each) => each !== null))}
            onPlace={async (change) => {
              const result = await store.change(change);
              if (result.ok) stopPicking();
              return result;
            }}
            onLeave={stopPicking}
          />
        ) : !selected ? (
          <section className="card" aria-label="No menu">
            <h2>There is no menu yet</h2>
            <p className="sentence">“New menu” above the outline makes the first.</p>
          </section>
        ) : selected.row ? (
          <ItemCard key={selected.id} copy={copy} store={store} node={selected} row={selected.row} />
        ) : (
          <MenuCard key={selected.id} copy={copy} store={store} menu={selected.menu} />
        )
      }
    />
  );
}

function nodeFor(outline: { nodes: ReadonlyMap<string, Node> }, id: string | null): Node | undefined {
  return id === null ? undefined : outline.nodes.get(id);
}

/** "Main › Hire" */
function nameOf(outline: Parameters<typeof findItem>[0], at: Pointed): string | null {
  const menu = at.menu === null ? undefined : outline.nodes.get(at.menu);
  if (!menu) return null;
  const row =
    at.item === null ? undefined : (findItem(outline, at.item, at.page) ?? findItem(outline, at.item, null));
  return row?.row ? `${menu.menu.name} › ${row.row.label}` : menu.menu.name;
}
