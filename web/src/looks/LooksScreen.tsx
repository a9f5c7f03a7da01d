import { Segmented } from "antd";
import { useEffect, useState } from "react";
import { api } from "../api/client";
import { useMayEdit } from "../people/mayEdit";
import { Answered, useAnswer } from "../shared/answer";
import { Problem } from "../shared/Problem";
import { PageInPreview } from "../window/PageInPreview";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOf, pathTo } from "../working-copy/tree";
import { LookCard } from "./LookCard";
import { LOOKS, type Look } from "./looks";
import { SideBySide } from "./SideBySide";
import { Tuning } from "./Tuning";
import "./looks.css";

type Showing = "all" | "pair" | "tuning";

/** The looks of the visitor site, each with the owner's own pages in it. */
export default function LooksScreen(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly page: string;
  readonly onPage: (page: string) => void;
}) {
  const { copy, store, page } = props;
  const mayEdit = useMayEdit();
  const [showing, setShowing] = useState<Showing>("all");
  const [problem, setProblem] = useState<string | null>(null);
  const inUse = copy.settings.look;
  const turn = useTurn();
  const preview = useAnswer(["looks"], `${copy.revision} ${turn}`, () => api.openWindow(), {
    enabled: showing !== "tuning", // which has one of its own, that edits do not close
  });
  const use = async (look: Look) => {
    const result = await store.change({ kind: "setLook", look });
    setProblem(result.ok ? null : result.sentence);
  };
  return (
    <main className="ledger looks">
      <div className="head">
        <h2>Looks</h2>
        <Segmented<Showing>
          value={showing}
          onChange={setShowing}
          options={[
            { value: "all", label: "All four" },
            { value: "pair", label: "Side by side" },
            { value: "tuning", label: "Tuning" },
          ]}
        />
        <span className="of-page">
          Showing
          <PageInPreview
            tree={copy.tree}
            page={page}
            path={pathTo(copy.tree, page)
              .map((step) => pageOf(copy.tree, step).title)
              .join(" › ")}
            onPage={props.onPage}
          />
        </span>
      </div>
      <Problem sentence={problem} />
      {showing === "tuning" ? (
        <Tuning {...{ copy, store, page, turn }} onPage={props.onPage} />
      ) : (
        <Answered answer={preview} what="your pages">
          {({ address }) =>
            showing === "pair" ? (
              <SideBySide inUse={inUse} base={address} page={page} onPage={props.onPage} />
            ) : (
              <div className="look-cards">
                {LOOKS.map((about) => (
                  <LookCard
                    key={about.look}
                    about={about}
                    inUse={about.look === inUse}
                    base={address}
                    page={page}
                    revision={copy.revision}
                    mayEdit={mayEdit}
                    onUse={use}
                  />
                ))}
              </div>
            )
          }
        </Answered>
      )}
    </main>
  );
}

/** Minutes after which a preview is opened anew; unused it would end after thirty. */
const FRESH = 20;

/** Counts on while the screen stays open. */
function useTurn(): number {
  const [turn, setTurn] = useState(0);
  useEffect(() => {
    const turning = setInterval(() => setTurn((before) => before + 1), FRESH * 60_000);
    return () => clearInterval(turning);
  }, []);
  return turn;
}
