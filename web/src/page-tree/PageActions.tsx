import { Action } from "../outline/Action";
import type { Move } from "../outline/moves";

/** Everything that can be done to the selected page, as buttons; each names its key in its hint. */
export function PageActions(props: {
  readonly title: string;
  readonly may: (move: Move) => boolean;
  readonly onMove: (move: Move) => void;
  readonly onAddBelow: () => void;
  readonly onAddUnder: () => void;
  readonly onEdit: () => void;
  readonly onMoveTo: () => void;
}) {
  const move = (to: Move) => ({ disabled: !props.may(to), onClick: () => props.onMove(to) });
  return (
    <div className="actions" role="toolbar" aria-label="The selected page">
      <b title={props.title}>{props.title}</b>
      <Action label="+ below" hint="Add a page below (N)" onClick={props.onAddBelow} />
      <Action label="+ under" hint="Add a page under it (N, then Tab)" onClick={props.onAddUnder} />
      <Action label="→ in" hint="Move in, under the page before it (Ctrl+Shift+Right)" {...move("in")} />
      <Action label="← out" hint="Move out, after the page above it (Ctrl+Shift+Left)" {...move("out")} />
      <Action label="↑" name="Move up" hint="Move up (Ctrl+Shift+Up)" {...move("up")} />
      <Action label="↓" name="Move down" hint="Move down (Ctrl+Shift+Down)" {...move("down")} />
      <Action label="Retitle" hint="Edit the title (Enter)" onClick={props.onEdit} />
      <Action label="Move to…" hint="Choose where it goes (M)" onClick={props.onMoveTo} />
    </div>
  );
}
