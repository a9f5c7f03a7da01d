import { Button, Dropdown } from "antd";
import { memo, useRef, useState } from "react";
import { Link } from "react-router";
import { useMenus } from "../menus/useMenus";
import { FoldButton } from "../outline/FoldButton";
import { useFolding } from "../outline/useFolding";
import { FindLine } from "../page-tree/FindLine";
import { EVERYTHING } from "../page-tree/filter";
import { NothingFound } from "../page-tree/NothingFound";
import { useFinding } from "../page-tree/useFinding";
import { usePreference } from "../people/preferences";
import { Problem } from "../shared/Problem";
import { useTurns } from "../shared/useTurns";
import { CouldNotLoad } from "../shell/CouldNotLoad";
import { sentenceOf, type WorkingCopy, type WorkingCopyStore } from "../working-copy/store";
import { cellsOf, labelled, type Range, type Spot, toggled } from "./cells";
import { SheetGrid } from "./SheetGrid";
import { SpotLine } from "./SpotLine";
import "./sheet.css";

const START: Range = { from: [0, 0], at: [0, 0] };

/** Which page stands in which menu, all at once: pages down, menus across. */
export default memo(SheetScreen);

function SheetScreen({ copy, store }: { readonly copy: WorkingCopy; readonly store: WorkingCopyStore }) {
  const menus = useMenus(copy.revision);
  const gridRef = useRef<HTMLDivElement>(null);
  const folding = useFolding("sheet");
  const finding = useFinding(copy, folding.folded);
  const [away, setAway] = usePreference<readonly string[]>("sheet-menus-away", []);
  const [range, setRange] = useState(START);
  const [labelling, setLabelling] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const inTurn = useTurns();

  if (menus.status === "failed") {
    return (
      <CouldNotLoad what="your menus" sentence="Velnik does not answer just now." onRetry={menus.retry} />
    );
  }
  if (menus.status === "loading") return <main className="area" aria-busy="true" />;
  const { rows, filter, setFilter, known, matches } = finding;
  const all = menus.menus.menus;
  const columns = all.filter((menu) => !away.includes(menu.id));
  const cells = cellsOf(columns);
  const within = (one: number, count: number) => Math.max(0, Math.min(one, count - 1));
  const kept = (corner: Range["at"]) =>
    [within(corner[0], rows.length), within(corner[1], columns.length)] as const;
  const shown: Range = { from: kept(range.from), at: kept(range.at) };
  const atRow = rows[shown.at[0]];
  const atMenu = columns[shown.at[1]];
  const spots: Spot[] = rows
    .slice(Math.min(shown.from[0], shown.at[0]), Math.max(shown.from[0], shown.at[0]) + 1)
    .flatMap((row) =>
      columns
        .slice(Math.min(shown.from[1], shown.at[1]), Math.max(shown.from[1], shown.at[1]) + 1)
        .map((menu) => ({ page: row.id, menu: menu.id })),
    );
  const backToGrid = () => gridRef.current?.focus({ preventScroll: true });
  const take = async (work: () => Promise<{ ok: boolean; sentence?: string } | null>) => {
    const result = await inTurn(work).catch((failed) => ({ ok: false, sentence: sentenceOf(failed) }));
    setProblem(result && !result.ok ? (result.sentence ?? null) : null);
  };
  /** By what stands there once the gestures before it are done. */
  const toggle = () =>
    take(async () => {
      const { revision } = await store.settled();
      const now = await menus.at(revision);
      const there = [...now.nodes.values()].filter((node) => !node.row).map((node) => node.menu);
      const change = toggled(cellsOf(there), spots);
      return change ? store.change(change) : null;
    });
  const label = async (spot: Spot, text: string) => {
    const menu = all.find((each) => each.id === spot.menu);
    const changes = menu ? labelled(menu, cells.get(spot.menu)?.get(spot.page), spot.page, text) : [];
    const result = await store.change(...changes);
    if (result.ok) {
      setLabelling(false);
      backToGrid();
    }
    return result;
  };
  return (
    <main className="sheet" aria-label="Placing sheet">
      <div className="head">
        <h2>Placing sheet</h2>
        <span>which page stands in which menu</span>
        <span className="spring" />
        <Dropdown
          trigger={["click"]}
          menu={{
            selectable: true,
            multiple: true,
            selectedKeys: columns.map((menu) => menu.id),
            items: all.map((menu) => ({ key: menu.id, label: menu.name })),
            onSelect: ({ key }) => setAway(away.filter((id) => id !== key)),
            onDeselect: ({ key }) => setAway([...away, key]),
          }}
        >
          <Button size="small">
            {columns.length === all.length ? "All menus" : `${columns.length} of ${all.length} menus`}
          </Button>
        </Dropdown>
        <FoldButton folding={folding} tree={copy.tree} />
        <Link className="as-button" to="/pages">
          Outline
        </Link>
      </div>
      <FindLine
        tree={copy.tree}
        known={known}
        filter={filter}
        count={matches?.length ?? 0}
        onFilter={setFilter}
        onLeave={backToGrid}
      />
      {rows.length === 0 ? (
        <NothingFound onShowAll={() => setFilter(EVERYTHING)} />
      ) : columns.length === 0 ? (
        <p className="nothing-found">
          {all.length === 0
            ? "There is no menu yet; the Menus screen makes one."
            : "No menu is chosen to be shown."}
        </p>
      ) : (
        <SheetGrid
          tree={copy.tree}
          rows={rows}
          menus={columns}
          cells={cells}
          range={shown}
          labelling={labelling}
          gridRef={gridRef}
          onRange={(next) => {
            setRange(next);
            setLabelling(false);
            setProblem(null);
          }}
          onToggle={toggle}
          onFold={folding.fold}
          onLabel={label}
          onLabelling={setLabelling}
        />
      )}
      <Problem sentence={problem} />
      {atRow && atMenu && (
        <SpotLine
          key={`${atRow.id} ${atMenu.id}`}
          copy={copy}
          store={store}
          outline={menus.outline}
          cells={cells}
          spots={spots}
          at={{ page: atRow.id, menu: atMenu.id }}
          onToggle={() => {
            void toggle();
            backToGrid();
          }}
          onLabel={() => setLabelling(true)}
          onPlaced={backToGrid}
        />
      )}
    </main>
  );
}
