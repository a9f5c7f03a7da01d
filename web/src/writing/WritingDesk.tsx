import { Button } from "antd";
import { lazy, Suspense, useEffect, useState } from "react";
import { api, type ChangeDto } from "../api/client";
import { useMayEdit } from "../people/mayEdit";
import { KeptField } from "../shared/KeptField";
import { Problem } from "../shared/Problem";
import { sentenceOf } from "../shared/sentenceOf";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { pageOf } from "../working-copy/tree";
import type { Kept } from "./TextKeeper";
import "./writing.css";

const TextEditor = lazy(() => import("./TextEditor"));

/** The desk while a page is written: its title, its summary, its text. */
export default function WritingDesk(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly page: string;
  /** Back to the page tree. */
  readonly onLeave: () => void;
}) {
  const { copy, store, page: id } = props;
  const page = pageOf(copy.tree, id);
  const mayEdit = useMayEdit();
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (change: ChangeDto) => {
    const result = await store.change(change);
    setProblem(result.ok ? null : result.sentence);
    return result.ok;
  };
  return (
    <section className="desk writing" aria-label={`Writing ${page.title}`}>
      <div className="head">
        <h2>Write</h2>
        <span>saved as you type</span>
        <span className="spring" />
        <Button onClick={props.onLeave}>Back to the pages</Button>
      </div>
      {page.kind === "PAGE" ? (
        <>
          <fieldset key={id} className="writing-fields" disabled={!mayEdit}>
            <label htmlFor="writing-title">Title</label>
            <KeptField
              id="writing-title"
              value={page.title}
              onKeep={(title) => take({ kind: "retitlePage", page: id, title })}
            />
            <label htmlFor="writing-summary">Summary</label>
            <KeptField
              id="writing-summary"
              value={page.summary}
              placeholder="A sentence under the title; lists and search engines show it"
              onKeep={(summary) => take({ kind: "setSummary", page: id, summary })}
            />
          </fieldset>
          <Problem sentence={problem} />
          <Text key={id} {...props} readOnly={!mayEdit} />
        </>
      ) : (
        <p className="hint nothing-to-write">
          {page.kind === "GROUP"
            ? `${page.title} is a group: it has no content of its own. Make it a page to write on it.`
            : `${page.title} is made by Velnik; there is nothing to write on it.`}
        </p>
      )}
    </section>
  );
}

/** The text once it is there. */
function Text(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly page: string;
  readonly readOnly: boolean;
}) {
  const { page, store } = props;
  const [kept, setKept] = useState<Kept | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  /** How often it was asked for. */
  const [asked, setAsked] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: asking again is asking for the same
  useEffect(() => {
    const abandoned = new AbortController();
    setProblem(null);
    api.text(page, abandoned.signal).then(setKept, (failed) => {
      if (!abandoned.signal.aborted) setProblem(sentenceOf(failed));
    });
    return () => abandoned.abort();
  }, [page, asked]);
  const waiting = (
    <p className="hint nothing-to-write" role="status">
      Fetching the text…
    </p>
  );
  if (problem !== null)
    return (
      <div className="nothing-to-write">
        <Problem sentence={problem} />
        <Button size="small" onClick={() => setAsked(asked + 1)}>
          Try again
        </Button>
      </div>
    );
  if (kept === null) return waiting;
  return (
    <Suspense fallback={waiting}>
      <TextEditor
        copy={props.copy}
        store={store}
        page={page}
        kept={kept}
        readOnly={props.readOnly}
        onChange={(change) => store.change(change)}
      />
    </Suspense>
  );
}
