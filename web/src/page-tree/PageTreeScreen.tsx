import { useEffect, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { Split } from "../shell/Split";
import { WindowPane } from "../window/WindowPane";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOf, pathTo } from "../working-copy/tree";
import { MoveTo } from "./MoveTo";
import { PageCard } from "./PageCard";
import { PageDesk } from "./PageDesk";
import { Start } from "./Start";
import "./page-tree.css";

/** Where the owner arranges the page tree: the desk, the window beside it, the card beneath the window. */
export function PageTreeScreen({
  copy,
  store,
}: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
}) {
  const { page: asked } = useParams();
  const navigate = useNavigate();
  const gridRef = useRef<HTMLDivElement>(null);
  const [moving, setMoving] = useState(false);
  const [wholeScreen, setWholeScreen] = useState(false);
  const selected = asked && copy.tree.pages.has(asked) ? asked : copy.tree.home;
  const select = (id: string) => {
    setMoving(false);
    void navigate(`/pages/${id}`, { replace: true });
  };

  useEffect(() => {
    gridRef.current?.focus({ preventScroll: true });
  }, []);

  if (selected === null) return <Start store={store} />;

  const backToOutline = () => gridRef.current?.focus({ preventScroll: true });
  return (
    <Split
      whole={wholeScreen}
      desk={
        <PageDesk
          copy={copy}
          store={store}
          selected={selected}
          gridRef={gridRef}
          onSelect={select}
          onMoveTo={() => setMoving(true)}
          onWholeScreen={() => setWholeScreen(!wholeScreen)}
        />
      }
      window={
        <WindowPane
          page={selected}
          revision={copy.revision}
          path={pathTo(copy.tree, selected).map((step) => pageOf(copy.tree, step).title)}
          whole={wholeScreen}
          onWhole={(whole) => {
            setWholeScreen(whole);
            if (!whole) backToOutline();
          }}
          onVisit={(page) => {
            if (copy.tree.pages.has(page)) select(page);
          }}
          tree={copy.tree}
        />
      }
      card={
        moving ? (
          <MoveTo
            tree={copy.tree}
            page={selected}
            onMove={async (place) => {
              const result = await store.change({ kind: "movePages", pages: [selected], place });
              if (result.ok) {
                setMoving(false);
                backToOutline();
              }
              return result;
            }}
            onLeave={() => {
              setMoving(false);
              backToOutline();
            }}
          />
        ) : (
          <PageCard key={selected} copy={copy} store={store} page={selected} />
        )
      }
    />
  );
}
