import { Button, Pagination, Segmented } from "antd";
import { useState } from "react";
import { api, type GivenFile, type ImportChoice, type ImportDryRun } from "../api/client";
import { Answered, useAnswer } from "../shared/answer";
import { counted, written } from "../shared/counted";
import { newId } from "../shared/ids";
import { Problem } from "../shared/Problem";
import { Sent } from "../shared/Sent";
import type { WorkingCopy, WorkingCopyStore } from "../working-copy/store";
import { CancelRun } from "./CancelRun";
import { LinesTable } from "./LinesTable";
import { LookAt } from "./LookAt";
import { counts, ticked, VERDICTS, type Verdict } from "./lines";
import { type Going, WhereTo } from "./WhereTo";
import { WholeRun } from "./WholeRun";

const EVERYTHING = "ALL";
type Shown = Verdict | typeof EVERYTHING;

/** Milliseconds that ticks have to rest before it is worked out anew. */
const REST = 250;

/** Rows that are shown at a time. */
const ROWS = 100;

/** What the files would do, row by row, and the button that does it. */
export function DryRun(props: {
  readonly copy: WorkingCopy;
  readonly store: WorkingCopyStore;
  readonly files: readonly GivenFile[];
  readonly onDone: (lookAt: readonly string[]) => void;
  readonly onCancel: () => void;
}) {
  const { copy, store, files } = props;
  const [request] = useState(newId);
  const [going, setGoing] = useState<Going>({
    where: "PAGES",
    page: null,
    menu: null,
    name: null,
    matching: "ADDRESS",
  });
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set());
  const [problem, setProblem] = useState<string | null>(null);
  const [asked, setAsked] = useState(1);
  /** While it is imported: how much of it has gone out, and what ends that. */
  const [taking, setTaking] = useState<{ readonly sent: number; readonly stop: AbortController } | null>(
    null,
  );
  const choices: ImportChoice = { ...going, without: [...without] };
  const answer = useAnswer(
    ["dry run", request],
    `${copy.revision} ${JSON.stringify(choices)}`,
    (signal) => api.wouldRead(request, copy.revision, files, choices, setAsked, signal),
    { rest: REST, atOnce: true },
  );
  const take = async (lookAt: readonly string[]) => {
    const stop = new AbortController();
    setTaking({ sent: 0, stop });
    const onSent = (sent: number) => setTaking({ sent, stop });
    const result = await store.readFiles(files, choices, onSent, stop.signal);
    if (stop.signal.aborted) return;
    setTaking(null);
    if (result.ok) props.onDone(lookAt);
    else setProblem(result.sentence);
  };
  const cancel = () => {
    taking?.stop.abort();
    props.onCancel();
  };
  return (
    <>
      {(taking || (asked < 1 && answer.status !== "failed")) && (
        <p className="run-line">
          Sending the files:{" "}
          <Sent what="Files" part={taking?.sent ?? asked} then="All are there and being imported…" />
        </p>
      )}
      <Answered answer={answer} what="what is in the files">
        {(run) => (
          <Run
            run={run}
            copy={copy}
            going={going}
            without={without}
            onGoing={(next) => {
              setWithout(new Set()); // rows are others elsewhere
              setGoing(next);
            }}
            onTick={(key, tick) => setWithout(ticked(run.rows, without, key, tick))}
            doing={taking !== null}
            onTake={() => void take(run.lookAt)}
            onCancel={taking?.sent === 1 ? null : cancel}
          />
        )}
      </Answered>
      {answer.status !== "known" && (
        <Button size="small" onClick={cancel}>
          Cancel
        </Button>
      )}
      <Problem sentence={problem} />
    </>
  );
}

function Run(props: {
  readonly run: ImportDryRun;
  readonly copy: WorkingCopy;
  readonly going: Going;
  readonly without: ReadonlySet<string>;
  readonly onGoing: (going: Going) => void;
  readonly onTick: (key: string, tick: boolean) => void;
  readonly doing: boolean;
  readonly onTake: () => void;
  /** Null where it is too late for that. */
  readonly onCancel: (() => void) | null;
}) {
  const { run } = props;
  const [shown, setShown] = useState<Shown>(EVERYTHING);
  const [page, setPage] = useState(1);
  if (run.whole !== null) return <WholeRun {...props} whole={run.whole} />;
  const all = counts(run.rows);
  const lines = shown === EVERYTHING ? run.rows : run.rows.filter((line) => line.verdict === shown);
  const first = (Math.min(page, Math.max(1, Math.ceil(lines.length / ROWS))) - 1) * ROWS;
  const count = all.ADD + all.CHANGE;
  return (
    <>
      <p>
        This is <b>{run.formats}</b>
        {run.title !== "" && ` called “${run.title}”`}.
      </p>
      <WhereTo run={run} copy={props.copy} going={props.going} onGoing={props.onGoing} />
      <Problem sentence={run.refused} />
      <LookAt sentences={run.lookAt} />
      <div className="run-line">
        <Button
          type="primary"
          loading={props.doing}
          disabled={count === 0 || run.refused !== null}
          onClick={props.onTake}
        >
          {count === 0 ? "Nothing to import" : `Import ${counted(count, "# row", "# rows")}`}
        </Button>
        <CancelRun onCancel={props.onCancel} />
        <span className="spring" />
        <Segmented<Shown>
          value={shown}
          onChange={(next) => {
            setShown(next);
            setPage(1);
          }}
          options={[
            { value: EVERYTHING, label: `All ${written(run.rows.length)}` },
            ...(Object.keys(VERDICTS) as Verdict[])
              .filter((verdict) => all[verdict] > 0)
              .map((verdict) => ({
                value: verdict,
                label: `${VERDICTS[verdict]} ${written(all[verdict])}`,
              })),
          ]}
        />
      </div>
      <LinesTable
        lines={lines.slice(first, first + ROWS)}
        severalFiles={new Set(run.rows.map((line) => line.file)).size > 2}
        without={props.without}
        onTick={props.onTick}
      />
      {lines.length > ROWS && (
        <Pagination
          size="small"
          current={first / ROWS + 1}
          pageSize={ROWS}
          total={lines.length}
          showSizeChanger={false}
          onChange={setPage}
        />
      )}
    </>
  );
}
