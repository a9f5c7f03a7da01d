import { type Action, ActionBar } from "../outline/ActionBar";
import { movesAcross, movesAlong } from "../outline/MoveActions";
import type { Move } from "../outline/moves";
import {
  AddBelowIcon,
  AddToMenuIcon,
  AddUnderIcon,
  CopyIcon,
  GroupIcon,
  HideIcon,
  MoveToIcon,
  RemoveIcon,
  RenameIcon,
  ShowIcon,
  WriteIcon,
} from "../shared/icons";

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
    readonly write: () => void;
    readonly wrap: () => void;
    readonly moveTo: () => void;
    readonly place: () => void;
    readonly hide: () => void;
    readonly copy: () => void;
    readonly remove: () => void;
  };
  /** Whether no menu shows any of them by itself; null where that cannot be chosen. */
  readonly hidden: boolean | null;
  /** How many are chosen. */
  readonly count: number;
}) {
  const { acts, may } = props;
  const one = props.count === 1;
  const it = one ? "it" : "them";
  const moving = { may, onMove: acts.move };
  const adding: readonly Action[] = [
    {
      key: "below",
      label: "Add below",
      icon: <AddBelowIcon />,
      hint: "Add a page below (N)",
      onClick: acts.below,
    },
    {
      key: "under",
      label: "Add under",
      icon: <AddUnderIcon />,
      hint: props.closed ?? "Add a page under it (N, then Tab)",
      idle: props.closed !== null,
      onClick: acts.under,
    },
  ];
  const rename: Action = {
    key: "rename",
    label: "Rename",
    icon: <RenameIcon />,
    hint: "Edit the title (Enter)",
    onClick: acts.edit,
  };
  const write: Action = {
    key: "write",
    label: "Write",
    icon: <WriteIcon />,
    hint: "Write its text (T)",
    onClick: acts.write,
  };
  const copying: Action = {
    key: "copy",
    label: "Copy…",
    icon: <CopyIcon />,
    hint: "Copy it, once or several times (Ctrl+D)",
    onClick: acts.copy,
  };
  return (
    <ActionBar
      label={one ? "The selected page" : "The selected pages"}
      title={props.title}
      actions={[
        ...(one ? adding : []),
        ...movesAlong(moving),
        ...movesAcross(moving, "page"),
        ...(one ? [rename, write] : []),
        {
          key: "place",
          label: "Add to menu…",
          icon: <AddToMenuIcon />,
          hint: `Go to the menus ${one ? "it" : "they"} can be added to (P)`,
          onClick: acts.place,
        },
        {
          key: "hide",
          label: props.hidden ? "Show in menus" : "Hide from menus",
          icon: props.hidden ? <ShowIcon /> : <HideIcon />,
          hint:
            props.hidden === null
              ? "It is always shown where a menu has it"
              : props.hidden
                ? `Open ${it}, so that menus and lists show ${it} (H)`
                : `By link only: ${one ? "its address works" : "their addresses work"}, but nothing shows ${it} by itself (H)`,
          idle: props.hidden === null,
          onClick: acts.hide,
        },
        ...(one ? [copying] : []),
        {
          key: "moveTo",
          label: "Move to…",
          icon: <MoveToIcon />,
          hint: "Choose where it goes (M)",
          onClick: acts.moveTo,
        },
        {
          key: "group",
          label: "Group under…",
          icon: <GroupIcon />,
          hint: `Put ${it} under a new page in ${one ? "its" : "their"} place (G)`,
          onClick: acts.wrap,
        },
      ]}
      removes={{
        key: "remove",
        label: "Remove",
        icon: <RemoveIcon />,
        hint: props.stays ?? `To the bin, with all that is under ${it} (Delete)`,
        idle: props.stays !== null,
        onClick: acts.remove,
      }}
    />
  );
}
