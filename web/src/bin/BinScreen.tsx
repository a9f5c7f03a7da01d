import { Button } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import { api, type RemovalDto } from "../api/client";
import { useMayEdit } from "../people/mayEdit";
import { Answered, useAnswer } from "../shared/answer";
import { counted } from "../shared/counted";
import { newId } from "../shared/ids";
import { LedgerHead } from "../shared/LedgerHead";
import { Problem } from "../shared/Problem";
import { sentenceOf } from "../shared/sentenceOf";
import { when } from "../shared/when";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";

/** What was removed, newest first, each with where it was, when and by whom, and a way back. */
export default function BinScreen({
  copy,
  store,
}: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
}) {
  const [problem, setProblem] = useState<string | null>(null);
  /** Removals that would be let go. */
  const [asked, setAsked] = useState<readonly string[] | null>(null);
  const mayEdit = useMayEdit();
  const bin = useAnswer(["bin"], copy.revision, api.bin);
  const restore = async (removal: RemovalDto) => {
    const result = await store.change({ kind: "restore", removal: removal.id });
    setProblem(result.ok ? null : result.sentence);
  };
  const empty = async (removals: readonly string[]) => {
    try {
      await api.emptyBin(newId(), removals);
      store.lookAround();
      setAsked(null);
      setProblem(null);
    } catch (failed) {
      setProblem(sentenceOf(failed));
    }
  };
  return (
    <main className="ledger">
      <div className="head">
        <h2>Bin</h2>
        <span>what you restore goes back where it was</span>
      </div>
      <Problem sentence={problem} />
      {asked && (
        <div className="ask" role="alertdialog" aria-label="Empty the bin">
          <p>
            {counted(asked.length, "# removal", "# removals")} will be gone for good: nobody can restore{" "}
            {asked.length === 1 ? "it" : "them"}, and undo cannot either.
          </p>
          <Button danger onClick={() => void empty(asked)}>
            Remove for good
          </Button>
          <Button type="text" autoFocus onClick={() => setAsked(null)}>
            Cancel
          </Button>
        </div>
      )}
      <Answered answer={bin} what="what is in the bin">
        {({ removals }) =>
          removals.length === 0 ? (
            <p>
              The bin is empty. What you remove on <Link to="/pages">Pages</Link> or{" "}
              <Link to="/menus">Menus</Link> waits here until you want it back.
            </p>
          ) : (
            <table>
              <LedgerHead columns={["What", "Where it was", "Removed"]} last="Restore" />
              <tbody>
                {removals.map((removal) => (
                  <tr key={removal.id}>
                    <th scope="row">
                      {removal.kind === "MENU" ? removal.what.replace(/^t/, "T") : removal.what}
                      {removal.more > 0 && <span className="hint"> and {more(removal)}</span>}
                    </th>
                    <td>{where(removal)}</td>
                    <td>
                      {when(removal.at)} <span className="hint">by {removal.by}</span>
                    </td>
                    <td>
                      <Button
                        size="small"
                        disabled={!mayEdit}
                        aria-label={`Restore ${removal.what} (${where(removal)})`}
                        onClick={() => void restore(removal)}
                      >
                        Restore
                      </Button>
                      <Button
                        size="small"
                        type="text"
                        disabled={!mayEdit}
                        aria-label={`Remove for good… ${removal.what} (${where(removal)})`}
                        onClick={() => setAsked([removal.id])}
                      >
                        Remove for good…
                      </Button>
                    </td>
                  </tr>
                ))}
              </tbody>
              {removals.length > 1 && (
                <tfoot>
                  <tr>
                    <td colSpan={4}>
                      <Button
                        danger
                        disabled={!mayEdit}
                        onClick={() => setAsked(removals.map((removal) => removal.id))}
                      >
                        Empty the bin…
                      </Button>
                    </td>
                  </tr>
                </tfoot>
              )}
            </table>
          )
        }
      </Answered>
    </main>
  );
}

function more(removal: RemovalDto): string {
  const what = removal.kind === "PAGE" ? "page" : "item";
  return counted(removal.more, `# more ${what}`, `# more ${what}s`);
}

function where(removal: RemovalDto): string {
  switch (removal.kind) {
    case "PAGE":
      return removal.where;
    case "ITEM":
      return `in ${removal.where}`;
    case "MENU":
      return "among the menus";
  }
}
