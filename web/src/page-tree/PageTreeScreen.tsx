import { memo, useEffect, useEffectEvent, useLayoutEffect, useRef, useState } from "react";
import { useLocation, useNavigate, useParams } from "react-router";
import { menusAddress } from "../menus/address";
import { type Choice, only } from "../outline/choice";
import { MoveTo } from "../outline/MoveTo";
import { outermost } from "../outline/moves";
import { Later } from "../shared/Later";
import { apart } from "../shell/apart";
import { Split } from "../shell/Split";
import { useWholeScreen } from "../shell/useWholeScreen";
import { WindowPane } from "../window/WindowPane";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOf, pathTo } from "../working-copy/tree";
import { CopyCard } from "./CopyCard";
import { destinationsFor, placeFor } from "./destinations";
import { PageCard } from "./PageCard";
import { PageDesk } from "./PageDesk";
import { PagesCard } from "./PagesCard";
import { useChosenPages } from "./useChosenPages";
import "./page-tree.css";
import { counted } from "../shared/counted";
import { Start } from "../start/Start";

/** Needed by those who write only. */
const WritingDesk = apart(() => import("../writing/WritingDesk"));

/** Where the owner arranges the page tree: the desk, the window beside it, the card beneath the window. */
export default memo(PageTreeScreen);

function PageTreeScreen({
  copy,
  store,
  onPage,
}: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  /** The page whose preview the next screen is to begin with. */
  readonly onPage: (page: string) => void;
}) {
  const { page: asked } = useParams();
  const navigate = useNavigate();
  const gridRef = useRef<HTMLDivElement>(null);
  /** What is done in the place of the card. */
  const [doing, setDoing] = useState<"moving" | "copying" | null>(null);
  const [wholeScreen, setWholeScreen] = useWholeScreen(gridRef);
  const { choice, choose: take } = useChosenPages(copy.tree, asked ?? null);
  // Somebody comes from elsewhere, though the screen be there already.
  const { key, state: sent, pathname } = useLocation();
  const writing = pathname.endsWith("/write");
  const [arrived, setArrived] = useState(key);
  if (sent?.arrival && key !== arrived) {
    setArrived(key);
    take(only(sent.arrival));
  }
  useEffect(() => {
    if (sent?.arrival) gridRef.current?.focus({ preventScroll: true });
  }, [sent]);
  const choose = (next: Choice) => {
    setDoing(null);
    take(next);
    void navigate(addressAt(next.at, writing), { replace: true });
  };
  const selected = choice.at;
  const leave = useEffectEvent(() => {
    if (selected !== null) onPage(selected);
  });
  // Before the next screen is painted, and not with every key.
  useLayoutEffect(() => () => leave(), []);
  const pages = outermost(copy.tree, choice.rows);

  if (selected === null) return <Start store={store} />;

  const backToOutline = () => gridRef.current?.focus({ preventScroll: true });
  return (
    <Split
      whole={wholeScreen}
      desk={
        writing ? (
          <WritingDesk
            copy={copy}
            store={store}
            page={selected}
            onLeave={() => void navigate(addressAt(selected, false), { state: { arrival: selected } })}
          />
        ) : (
          <PageDesk
            copy={copy}
            store={store}
            choice={choice}
            pages={pages}
            gridRef={gridRef}
            onChoose={choose}
            onMoveTo={() => setDoing("moving")}
            onCopy={() => setDoing("copying")}
            onWholeScreen={() => setWholeScreen(true)}
            onPlace={goToPlacing}
            onWrite={() => void navigate(addressAt(selected, true))}
          />
        )
      }
      window={
        <Later of={`${selected} ${wholeScreen}`}>
          <WindowPane
            page={selected}
            moment={`${copy.revision} ${copy.release} ${copy.turns}`}
            path={pathTo(copy.tree, selected).map((step) => pageOf(copy.tree, step).title)}
            whole={wholeScreen}
            pointed={{ menu: null, item: null, page: writing ? null : selected }}
            onWhole={setWholeScreen}
            onVisit={(page) => {
              if (copy.tree.pages.has(page)) choose(only(page));
            }}
            onPoint={(at) => void navigate(menusAddress(at))}
            tree={copy.tree}
          />
        </Later>
      }
      card={
        <Later of={`${selected} ${choice.rows.size} ${doing}`}>
          {doing === "copying" ? (
            <CopyCard
              key={selected}
              copy={copy}
              store={store}
              page={selected}
              onMade={(first) => {
                choose(only(first));
                backToOutline();
              }}
              onLeave={() => {
                setDoing(null);
                backToOutline();
              }}
            />
          ) : doing === "moving" ? (
            <MoveTo
              what="page"
              title={
                pages.length === 1
                  ? pageOf(copy.tree, pages[0] ?? selected).title
                  : counted(pages.length, "# page", "# pages")
              }
              several={pages.length > 1}
              destinations={destinationsFor(copy.tree, pages)}
              revision={copy.revision}
              changes={(to, how) => [{ kind: "movePages", pages, place: placeFor(copy.tree, to, how) }]}
              onMove={async (to, how) => {
                const place = placeFor(copy.tree, to, how);
                const result = await store.change({ kind: "movePages", pages, place });
                if (result.ok) {
                  setDoing(null);
                  backToOutline();
                }
                return result;
              }}
              onLeave={() => {
                setDoing(null);
                backToOutline();
              }}
            />
          ) : choice.rows.size > 1 ? (
            <PagesCard copy={copy} store={store} pages={[...choice.rows]} onRemoved={backToOutline} />
          ) : (
            <PageCard
              key={selected}
              copy={copy}
              store={store}
              page={selected}
              onWrite={writing ? null : () => void navigate(addressAt(selected, true))}
              onRemoved={backToOutline}
            />
          )}
        </Later>
      }
    />
  );
}

function addressAt(page: string | null, writing: boolean): string {
  return writing && page ? `/pages/${page}/write` : `/pages/${page ?? ""}`;
}

/** To the menus that the chosen pages can be placed in, though they be folded away. */
function goToPlacing() {
  const first = document.querySelector<HTMLButtonElement>(".placing button");
  first?.closest("details")?.setAttribute("open", "");
  first?.focus();
}
