import { useState } from "react";
import type { ChangeDto } from "../api/client";
import { useMayEdit } from "../people/mayEdit";
import { Problem } from "../shared/Problem";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { Layouts } from "./Layouts";
import { Topics } from "./Topics";
import "./topics.css";

/** What pages are sorted by: their topics, and their layouts. */
export default function TopicsScreen(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
}) {
  const { copy, store } = props;
  const [problem, setProblem] = useState<string | null>(null);
  const mayEdit = useMayEdit();
  const send = async (change: ChangeDto) => {
    const result = await store.change(change);
    setProblem(result.ok ? null : result.sentence);
    return result;
  };
  return (
    <main className="ledger">
      <div className="head">
        <h2>Topics and layouts</h2>
        <span>what pages are sorted by</span>
      </div>
      <Problem sentence={problem} />
      <Topics copy={copy} mayEdit={mayEdit} onChange={send} />
      <Layouts copy={copy} mayEdit={mayEdit} onChange={send} />
    </main>
  );
}
