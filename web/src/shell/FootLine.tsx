import { Button } from "antd";

/** The line at the foot: what the last edit did, or why it was not made. Announced to assistive technology. */
export function FootLine(props: {
  readonly told: readonly string[];
  readonly problem: string | null;
  readonly undo: string | null;
  readonly onUndo: () => void;
  readonly onHelp: () => void;
}) {
  return (
    <footer className="foot-line">
      <p className={props.problem ? "problem" : undefined} role="status">
        {props.problem ?? props.told.join(" ")}
      </p>
      {!props.problem && props.told.length > 0 && props.undo && (
        <Button type="link" size="small" onClick={props.onUndo}>
          Undo
        </Button>
      )}
      <span className="spring" />
      <Button type="text" size="small" onClick={props.onHelp}>
        All keys: ?
      </Button>
    </footer>
  );
}
