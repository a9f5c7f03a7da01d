import { Action } from "../outline/Action";
import { MovesAcross, MovesAlong } from "../outline/MoveActions";
import type { Move } from "../outline/moves";

/** Everything that can be done to the chosen pages, as buttons; each names its key in its hint. */
export function PageActions(props: {
  readonly title: string;
  /** Whether a built-in page is among them: it stays, and nothing goes under it. */
  readonly builtIn: boolean;
  readonly may: (move: Move) => boolean;
  readonly onMove: (move: Move) => void;
  readonly onAddBelow: () => void;
  readonly onAddUnder: () => void;
  readonly onEdit: () => void;
  readonly onWrap: () => void;
  readonly onMoveTo: () => void;
  readonly onPlace: () => void;
  readonly onRemove: () => void;
  /** How many are chosen. */
  readonly count: number;
}) {
  const one = props.count === 1;
  return (
    <div className="actions" role="toolbar" aria-label={one ? "The selected page" : "The selected pages"}>
      <b title={props.title}>{props.title}</b>
      {one && (
        <>
          <Action label="+ below" hint="Add a page below (N)" onClick={props.onAddBelow} />
          <Action
            label="+ under"
            hint={props.builtIn ? "Nothing goes under a built-in page" : "Add a page under it (N, then Tab)"}
            idle={props.builtIn}
            onClick={props.onAddUnder}
          />
        </>
      )}
      <MovesAcross what="page" may={props.may} onMove={props.onMove} />
      <MovesAlong may={props.may} onMove={props.onMove} />
      <span className="then" />
      {one && <Action label="Retitle" hint="Edit the title (Enter)" onClick={props.onEdit} />}
      <Action
        label="Wrap"
        hint={`Put ${one ? "it" : "them"} under a new page in ${one ? "its" : "their"} place (G)`}
        onClick={props.onWrap}
      />
      <Action label="Move to…" hint="Choose where it goes (M)" onClick={props.onMoveTo} />
      <Action
        label="Place…"
        hint={`Go to the menus ${one ? "it" : "they"} can be placed in (P)`}
        onClick={props.onPlace}
      />
      <Action
        label="To the bin"
        hint={
          props.builtIn
            ? "A built-in page cannot be removed"
            : `Remove ${one ? "it" : "them"} with all that is under ${one ? "it" : "them"} (Delete)`
        }
        idle={props.builtIn}
        onClick={props.onRemove}
      />
    </div>
  );
}
