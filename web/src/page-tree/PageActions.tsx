import { Action } from "../outline/Action";
import { MovesAcross, MovesAlong } from "../outline/MoveActions";
import type { Move } from "../outline/moves";

/** Everything that can be done to the chosen pages, as buttons; each names its key in its hint. */
export function PageActions(props: {
  readonly title: string;
  /** Why they cannot be removed; null where they can. */
  readonly stays: string | null;
  /** Why nothing goes under it; null where something does. */
  readonly closed: string | null;
  readonly may: (move: Move) => boolean;
  readonly acts: {
    readonly move: (move: Move) => void;
    readonly below: () => void;
    readonly under: () => void;
    readonly edit: () => void;
    readonly wrap: () => void;
    readonly moveTo: () => void;
    readonly place: () => void;
    readonly remove: () => void;
  };
  /** How many are chosen. */
  readonly count: number;
}) {
  const { acts, may } = props;
  const one = props.count === 1;
  return (
    <div className="actions" role="toolbar" aria-label={one ? "The selected page" : "The selected pages"}>
      <b title={props.title}>{props.title}</b>
      {one && (
        <>
          <Action label="+ below" hint="Add a page below (N)" onClick={acts.below} />
          <Action
            label="+ under"
            hint={props.closed ?? "Add a page under it (N, then Tab)"}
            idle={props.closed !== null}
            onClick={acts.under}
          />
        </>
      )}
      <MovesAcross what="page" may={may} onMove={acts.move} />
      <MovesAlong may={may} onMove={acts.move} />
      <span className="then" />
      {one && <Action label="Rename" hint="Edit the title (Enter)" onClick={acts.edit} />}
      <Action
        label="Group under…"
        hint={`Put ${one ? "it" : "them"} under a new page in ${one ? "its" : "their"} place (G)`}
        onClick={acts.wrap}
      />
      <Action label="Move to…" hint="Choose where it goes (M)" onClick={acts.moveTo} />
      <Action
        label="Add to menu…"
        hint={`Go to the menus ${one ? "it" : "they"} can be added to (P)`}
        onClick={acts.place}
      />
      <Action
        label="Remove"
        hint={props.stays ?? `To the bin, with all that is under ${one ? "it" : "them"} (Delete)`}
        idle={props.stays !== null}
        onClick={acts.remove}
      />
    </div>
  );
}
