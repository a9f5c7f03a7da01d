import { useQuery } from "@tanstack/react-query";
import { Button } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import { api, type RemovalDto } from "../api/client";
import { counted } from "../shared/counted";
import { Problem } from "../shared/Problem";
import { when } from "../shared/when";
import { sentenceOf, type WorkingCopy, type WorkingCopyStore } from "../working-copy/store";

/** What was removed, newest first, each with where it was, when and by whom, and a way back. */
export default function BinScreen({
  copy,
  store,
}: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
}) {
  const [problem, setProblem] = useState<string | null>(null);
  const bin = useQuery({
    queryKey: ["bin", copy.revision],
    queryFn: api.bin,
    placeholderData: (previous) => previous,
  });
  const removals = bin.data?.removals ?? [];
  const putBack = async (removal: RemovalDto) => {
    const result = await store.change({ kind: "restore", removal: removal.id });
    setProblem(result.ok ? null : result.sentence);
  };
  return (
    <main className="ledger">
      <div className="head">
        <h2>Bin</h2>
        <span>what comes back stands where it was</span>
      </div>
      <Problem sentence={problem ?? (bin.isError ? sentenceOf(bin.error) : null)} />
      {bin.isSuccess && removals.length === 0 && (
        <p>
          Nothing was removed. What you take off <Link to="/pages">Pages</Link> or{" "}
          <Link to="/menus">Menus</Link> waits here until you want it back.
        </p>
      )}
      {removals.length > 0 && (
        <table>
          <thead>
            <tr>
              <th>What</th>
              <th>Where it was</th>
              <th>Removed</th>
              <th>
                <span className="unseen">Put back</span>
              </th>
            </tr>
          </thead>
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
                    aria-label={`Put back ${removal.what} (${where(removal)})`}
                    onClick={() => void putBack(removal)}
                  >
                    Put back
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
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
