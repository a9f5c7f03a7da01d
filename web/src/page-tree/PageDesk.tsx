import type { ReactNode, RefObject } from "react";
import { useMemo } from "react";
import { Link } from "react-router";
import type { PlaceDto } from "../api/client";
import { EVERYTHING } from "../outline/asking";
import { Count } from "../outline/Count";
import { type Choice, only } from "../outline/choice";
import { DeskLayout } from "../outline/DeskLayout";
import { namesOf } from "../outline/drop";
import { FoldButton } from "../outline/FoldButton";
import { moveKeys, placeAfterMove } from "../outline/moves";
import type { Row } from "../outline/rows";
import { TitleField } from "../outline/TitleField";
import { type Desk, useDesk } from "../outline/useDesk";
import { type Folding, useFolding } from "../outline/useFolding";
import { usePreference } from "../people/preferences";
import { counted } from "../shared/counted";
import { Later } from "../shared/Later";
import { ShownButton } from "../shared/ShownButton";
import { Remaining } from "../start/Remaining";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import {
  addressOf,
  endOf,
  hiddenFromMenus,
  levelOf,
  type PageTree,
  pageOf,
  parentOf,
} from "../working-copy/tree";
import { AddLine, AddTeaser } from "./AddLine";
import { AWAY, COLUMNS, type Column, contentsOf, WIDTHS } from "./columns";
import { judge, placeOf } from "./dropping";
import { addingAt, type Line, whereIs } from "./lines";
import { PageActions } from "./PageActions";
import { PageFinder } from "./PageFinder";
import { TitleCell } from "./TitleCell";
import { type Looking, useLooking } from "./useLooking";
import { type PageDeeds, usePageDeeds } from "./usePageDeeds";

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
  readonly onCopy: () => void;
  readonly onWholeScreen: () => void;
  /** Goes to the menus that the chosen pages can be placed in. */
  readonly onPlace: () => void;
  /** Opens the text of the selected page. */
  readonly onWrite: () => void;
}) {
  const { copy, store, choice, pages, onChoose } = props;
  const { tree } = copy;
  const selected = choice.at ?? tree.home ?? "";
  const folding = useFolding("pages");
  const { unfold } = folding;
  const [away, setAway] = usePreference<readonly Column[]>("pages-columns-away", AWAY);
  const columns = COLUMNS.filter((column) => !away.includes(column));
  const looking = useLooking("pages", copy, folding.folded);
  const { rows } = looking;
  const desk = useDesk<Line>(props.gridRef, onChoose);
  const deeds = usePageDeeds({ store, desk, pages, selected, rows, unfold, onChoose });
  const add = (place: PlaceDto) => {
    looking.setAsking(EVERYTHING); // what is new would not be found
    unfold(place.parent);
    desk.setAttention(addingAt(place));
  };
  const acts = {
    below: () => add({ parent: parentOf(tree, selected), after: selected }),
    under: () => add(endOf(tree, selected)),
    edit: () => desk.edit(selected),
    write: props.onWrite,
    wrap: () => desk.setAttention({ kind: "wrapping", page: pages[0] ?? selected }),
    moveTo: props.onMoveTo,
    place: props.onPlace,
    move: deeds.move,
    hide: deeds.hide,
    copy: props.onCopy,
    remove: deeds.remove,
  };
  return (
    <DeskLayout
      label="Pages"
      desk={desk}
      count={<PageCount tree={tree} found={looking.matches} />}
      buttons={<HeadButtons tree={tree} folding={folding} away={away} onAway={setAway} />}
      finder={<PageFinder looking={looking} onLeave={() => goToFound(looking, selected, desk)} />}
      actions={
        <Later of={`${selected} ${choice.rows.size}`}>
          <PageActions
            title={
              pages.length === 1 ? titleOf(tree, selected) : counted(choice.rows.size, "# page", "# pages")
            }
            count={choice.rows.size}
            stays={[...choice.rows].map((id) => pageOf(tree, id).stays).find((why) => why !== null) ?? null}
            hidden={hiddenFromMenus(tree, pages)}
            closed={tree.pages.get(selected)?.closed ?? null}
            may={(move) => placeAfterMove(tree, pages, move) !== null}
            acts={acts}
          />
        </Later>
      }
      columns={["Title", ...columns]}
      widths={columns.map((column) => WIDTHS[column])}
      rows={rows}
      choice={choice}
      revision={copy.revision}
      extra={extraRow(copy, rows, desk, deeds)}
      keys={{
        ...moveKeys((move) => void deeds.move(move)),
        Delete: () => void deeds.remove(),
        n: acts.below,
        g: acts.wrap,
        m: acts.moveTo,
        h: () => void deeds.hide(),
        "Ctrl+d": acts.copy,
        p: acts.place,
        t: acts.write,
        w: props.onWholeScreen,
      }}
      load={(id) => {
        const ids = choice.rows.has(id) ? pages : [id];
        const name = namesOf(ids.map((page) => titleOf(tree, page)));
        return { from: "rows", ids, level: levelOf(tree, ids[0] ?? id), name };
      }}
      judge={(load, target) => judge(tree, load.ids, target)}
      onDrop={(load, target) => void deeds.moveTo(load.ids, (now) => placeOf(now, target))}
      onEdit={desk.edit}
      onFold={folding.fold}
      cells={(row) => cellsOf(row, { copy, looking, columns, desk, deeds })}
      teaser={
        <>
          <Remaining copy={copy} />
          <AddTeaser onOpen={() => add(endOf(tree, null))} />
        </>
      }
    />
  );
}

function titleOf(tree: PageTree, id: string): string {
  return tree.pages.has(id) ? pageOf(tree, id).title : "a page";
}

function PageCount(props: { readonly tree: PageTree; readonly found: readonly string[] | null }) {
  const { tree, found } = props;
  const heldBack = useMemo(
    () => [...tree.pages.values()].filter((page) => page.reach === "HELD_BACK").length,
    [tree],
  );
  const pages = counted(tree.pages.size, "# page", "# pages");
  return <Count what="page" found={found} all={heldBack > 0 ? `${pages} · ${heldBack} held back` : pages} />;
}

function HeadButtons(props: {
  readonly tree: PageTree;
  readonly folding: Folding;
  readonly away: readonly Column[];
  readonly onAway: Parameters<typeof ShownButton<Column>>[0]["onAway"];
}) {
  return (
    <>
      <ShownButton
        label="Columns"
        all={COLUMNS.map((column) => ({ id: column, name: column }))}
        away={props.away}
        onAway={props.onAway}
      />
      <FoldButton folding={props.folding} tree={props.tree} />
      <Link className="as-button" to="/pages/sheet">
        Placing sheet
      </Link>
    </>
  );
}

/** From what is looked for to the first page that is found, where the selected one is not among them. */
function goToFound(looking: Looking, selected: string, desk: Desk<Line>): void {
  const first = looking.matches?.[0];
  if (first !== undefined && !looking.rows.some((row) => row.id === selected)) desk.choose(only(first));
  desk.backToOutline();
}

function cellsOf(
  row: Row,
  at: {
    readonly copy: WorkingCopy;
    readonly looking: Looking;
    readonly columns: readonly Column[];
    readonly desk: Desk<Line>;
    readonly deeds: PageDeeds;
  },
): ReactNode[] {
  const { copy, desk } = at;
  const page = pageOf(copy.tree, row.id);
  const placing = at.looking.known.placings?.[row.id];
  const text = desk.isEdited(row.id) ? (
    <TitleField
      key="editing"
      label={`Title of ${page.title}`}
      initial={page.title}
      onKeep={(title) => at.deeds.retitle(row.id, title)}
      onLeave={desk.leave}
    />
  ) : (
    <TitleCell
      key="title"
      page={page}
      placing={placing}
      beneath={row.folded ? row.subpages : 0}
      problem={desk.problemAt(row.id)}
      kept={copy.touched.has(row.id)}
    />
  );
  const contents = contentsOf(page, addressOf(copy.tree, row.id), placing);
  return [text, ...at.columns.map((column) => contents[column])];
}

function extraRow(copy: WorkingCopy, rows: readonly Row[], desk: Desk<Line>, deeds: PageDeeds) {
  const line = desk.attention;
  if (line.kind !== "adding" && line.kind !== "wrapping") return null;
  const where = whereIs(line, rows, copy.tree);
  return (
    where && {
      ...where,
      content:
        line.kind === "adding" ? (
          <AddLine
            copy={copy}
            place={line.place}
            onPlace={(place) => desk.setAttention(addingAt(place))}
            onAdd={deeds.add}
            onPaste={deeds.paste}
            onBegin={(change) => void deeds.begin(change)}
            onLeave={desk.leave}
          />
        ) : (
          <TitleField
            label="Title of the page over them"
            initial=""
            placeholder="Title of the page they go under"
            onKeep={deeds.wrap}
            onLeave={desk.leave}
          />
        ),
    }
  );
}
