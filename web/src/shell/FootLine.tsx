import { Button } from "antd";
import type { About, Offer } from "../working-copy/copy";

export type Problem = {
  readonly sentence: string;
  /** Titles of the edits built upon one that was to be taken back; null where that is not what is wrong. */
  readonly later: readonly string[] | null;
};

/** The line at the foot: what the last edit did, or why it was not made. Announced to assistive technology. */
export function FootLine(props: {
  readonly told: readonly string[];
  readonly problem: Problem | null;
  /** What can be done about it at once. */
  readonly about: About;
  readonly offer: Offer | null;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
  /** What to do about an edit that cannot be taken back alone. */
  readonly onBuiltUpon: (how: "TOGETHER" | "SKIP") => void;
  readonly onHelp: () => void;
  /** Finds whatever there is. */
  readonly onGo: () => void;
  /** Answers what owners ask. */
  readonly onAsk: () => void;
}) {
  return (
    <footer className="foot-line">
      <p className={props.problem ? "problem" : undefined} role="status">
        {props.problem?.sentence ?? props.told.join(" ")}
      </p>
      {props.problem?.later && (
        <>
          {props.problem.later.length > 0 && (
            <Button type="link" size="small" onClick={() => props.onBuiltUpon("TOGETHER")}>
              Undo {props.problem.later.length === 1 ? "both" : "all of them"}
            </Button>
          )}
          <Button type="link" size="small" onClick={() => props.onBuiltUpon("SKIP")}>
            Skip it, undo the one before
          </Button>
        </>
      )}
      {!props.problem && props.about && (
        <Button type="link" size="small" onClick={props.about === "undo" ? props.onUndo : props.onRedo}>
          {props.about === "undo" ? "Undo" : "Redo"}
        </Button>
      )}
      {!props.problem && props.offer && (
        <Button type="link" size="small" onClick={props.offer.act}>
          {props.offer.words}
        </Button>
      )}
      <span className="spring" />
      <Button type="text" size="small" onClick={props.onAsk}>
        Help
      </Button>
      <Button className="by-key" type="text" size="small" onClick={props.onGo}>
        Find anything: Ctrl+K
      </Button>
      <Button className="by-key" type="text" size="small" onClick={props.onHelp}>
        All keys: ?
      </Button>
    </footer>
  );
}
