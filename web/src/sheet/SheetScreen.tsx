import { memo, useRef, useState } from "react";
import { Link } from "react-router";
import type { ChangeDto } from "../api/client";
import { nodeOf } from "../menus/outline";
import { useMenus } from "../menus/useMenus";
import { Count } from "../outline/Count";
import { FoldButton } from "../outline/FoldButton";
import { useFolding } from "../outline/useFolding";
import { PageFinder } from "../page-tree/PageFinder";
import { useLooking } from "../page-tree/useLooking";
import { useMayEdit } from "../people/mayEdit";
import { usePreference } from "../people/preferences";
import { Problem } from "../shared/Problem";
import { ShownButton } from "../shared/ShownButton";
import { sentenceOf } from "../shared/sentenceOf";
import { useTurns } from "../shared/useTurns";
import { NotYet } from "../shell/NotYet";
import type { Result, WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { childrenOf } from "../working-copy/tree";
import { type Cells, cellsOf, labelled, type Range, type Spot, toggled } from "./cells";
import { SheetGrid } from "./SheetGrid";
import { SpotLine } from "./SpotLine";
import "./sheet.css";

const START: Range = { from: [0, 0], at: [0, 0] };

/** Which page stands in which menu, all at once: pages down, menus across. */
export default memo(SheetScreen);

function SheetScreen({ copy, store }: { readonly copy: WorkingCopy; readonly store: WorkingCopyStore }) {
  const answer = useMenus(copy.revision);
  const gridRef = useRef<HTMLDivElement>(null);
  const folding = useFolding("sheet");
  const looking = useLooking("sheet", copy, folding.folded);
  const [away, setAway] = usePreference<readonly string[]>("sheet-menus-away", []);
  const [range, setRange] = useState(START);
  const [labelling, setLabelling] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const inTurn = useTurns();
  const mayEdit = useMayEdit();

  if (answer.status !== "known") return <NotYet answer={answer} what="your menus" />;
  const menus = answer.value;
  const { rows } = looking;
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
  /** Goes by what stands there once the gestures before it are done. */
  const gesture = (changeFor: (now: Cells) => ChangeDto | null) =>
    inTurn(async (): Promise<Result | null> => {
      const { revision } = await store.settled();
      const now = await menus.at(revision);
      const change = changeFor(cellsOf(childrenOf(now, null).map((id) => nodeOf(now, id).menu)));
      return change && store.change(change);
    }).catch((failed): Result => ({ ok: false, sentence: sentenceOf(failed) }));
  const toggle = async () => {
    const result = await gesture((now) => toggled(now, spots));
    setProblem(result && !result.ok ? result.sentence : null);
  };
  const label = async (spot: Spot, text: string): Promise<Result> => {
    const result = await gesture((now) => labelled(now, spot, text));
    if (result?.ok) {
      setLabelling(false);
      backToGrid();
    }
    return result ?? { ok: false, sentence: "" };
  };
  return (
    <main className="sheet" aria-label="Placing sheet">
      <div className="head">
        <h2>Placing sheet</h2>
        <Count what="page" found={looking.matches} all="which page is in which menu" />
        <span className="spring" />
        <ShownButton
          label={columns.length === all.length ? "All menus" : `${columns.length} of ${all.length} menus`}
          all={all}
          away={away}
          onAway={setAway}
        />
        <FoldButton folding={folding} tree={copy.tree} />
        <Link className="as-button" to="/pages">
          Outline
        </Link>
      </div>
      <PageFinder looking={looking} onLeave={backToGrid} />
      {rows.length === 0 ? null : columns.length === 0 ? (
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
          onToggle={mayEdit ? toggle : () => {}}
          onFold={folding.fold}
          onLabel={label}
          onLabelling={mayEdit ? setLabelling : () => {}}
        />
      )}
      <Problem sentence={problem} />
      {atRow && atMenu && mayEdit && (
        <SpotLine
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
