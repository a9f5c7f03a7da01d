import { Button } from "antd";
import type { ImportDryRun, ImportedSite } from "../api/client";
import { counted } from "../shared/counted";
import { CancelRun } from "./CancelRun";
import { LookAt } from "./LookAt";

/** A whole site, which comes in the place of the one that is here, all at once. */
export function WholeRun(props: {
  readonly run: ImportDryRun;
  readonly whole: ImportedSite;
  readonly doing: boolean;
  readonly onTake: () => void;
  readonly onCancel: (() => void) | null;
}) {
  const { run, whole } = props;
  const more = whole.count - whole.sentences.length;
  return (
    <>
      <p>
        This is <b>{run.formats}</b>
        {run.title !== "" && ` called “${run.title}”`}. It comes in the place of the site in your working
        copy:{" "}
        {whole.count === 0
          ? "all is as it is here already."
          : counted(whole.count, "# thing becomes another.", "# things become others.")}
      </p>
      <LookAt sentences={run.lookAt} />
      <div className="run-line">
        <Button type="primary" loading={props.doing} disabled={whole.count === 0} onClick={props.onTake}>
          {whole.count === 0 ? "Nothing to import" : "Import the whole site"}
        </Button>
        <CancelRun onCancel={props.onCancel} />
      </div>
      <ul className="whole-site">
        {Object.entries(whole.sentences).map(([place, sentence]) => (
          <li key={place}>{sentence}</li>
        ))}
      </ul>
      {more > 0 && <p className="hint">{counted(more, "And # more.", "And # more.")}</p>}
    </>
  );
}
