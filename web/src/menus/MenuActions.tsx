import type { OfferDto } from "../api/client";
import { type Action, ActionBar } from "../outline/ActionBar";
import { movesAcross, movesAlong } from "../outline/MoveActions";
import type { Move } from "../outline/moves";
import {
  AddBelowIcon,
  AddToMenuIcon,
  AddUnderIcon,
  AsideIcon,
  CopyIcon,
  GroupIcon,
  HideIcon,
  LooseIcon,
  MoveToIcon,
  RemoveIcon,
  RenameIcon,
  RestoreIcon,
  ShowIcon,
} from "../shared/icons";
import { FillButton } from "./FillButton";
import { type kindOfRows, listedPage, type Node } from "./outline";

/** What can be done to the selected row of a menu. */
export type Deed =
  | "below"
  | "under"
  | "label"
  | "hide"
  | "copy"
  | "remove"
  | "aside"
  | "freeze"
  | "detach"
  | "leaveOut"
  | "pick"
  | "wrap"
  | "moveTo";

export function MenuActions(props: {
  readonly node: Node;
  readonly title: string;
  /** Where several rows are chosen, what they are together; null for a mixture. */
  readonly several: ReturnType<typeof kindOfRows> | undefined;
  readonly may: (move: Move) => boolean;
  readonly onMove: (move: Move) => void;
  readonly onDo: (deed: Deed) => void;
  readonly onFill: (offer: OfferDto) => void;
}) {
  const { node, several } = props;
  if (node.row?.foreign && several === undefined) {
    return (
      <div className="actions" role="toolbar" aria-label="The selected row">
        <b title={props.title}>{props.title}</b>
        <span className="hint">It belongs to another menu; change it there.</span>
      </div>
    );
  }
  const kind = several !== undefined ? several : node.row ? (listedPage(node) ? "listed" : "items") : "menus";
  const { actions, removes } = actionsFor(props, kind);
  return (
    <ActionBar
      label="The selected row"
      title={props.title}
      actions={actions}
      list={several === undefined && <FillButton menu={node.menu.id} onChoose={props.onFill} />}
      removes={removes}
    />
  );
}

type Kind = ReturnType<typeof kindOfRows>;

/** What can be done to rows of a kind; null for a mixture. */
function actionsFor(props: Parameters<typeof MenuActions>[0], kind: Kind) {
  const { node, several, onDo } = props;
  const one = several === undefined;
  const does = (deed: Deed) => ({ key: deed, onClick: () => onDo(deed) });
  const moving = { may: props.may, onMove: props.onMove };
  const moves = [...movesAlong(moving), ...(kind === "menus" ? [] : movesAcross(moving, "row"))];
  const hidden = node.row?.hidden === true;
  const actions: (Action | false)[] = [
    one && kind !== "menus" && below(does("below")),
    one && under(kind === "menus", does("under")),
    one && {
      ...does("pick"),
      label: "Add pages…",
      icon: <AddToMenuIcon />,
      hint: "Choose many pages from the tree (P)",
    },
    ...moves,
    one && {
      ...does("label"),
      label: "Rename",
      icon: <RenameIcon />,
      hint: node.row ? "Edit the label (Enter); empty follows the page again" : "Edit the name (Enter)",
    },
    kind !== "menus" && {
      ...does("hide"),
      label: one && hidden ? "Show" : "Hide",
      icon: one && hidden ? <ShowIcon /> : <HideIcon />,
      hint: one
        ? hidden
          ? "Show it again, in the same place (H)"
          : "Hide it and what is under it (H)"
        : "Hide them, or show them again where all are hidden (H)",
    },
    one && kind === "menus" && aside(node.menu.setAside, does("aside")),
    one &&
      node.row?.kind.kind === "LIST" && {
        ...does("freeze"),
        label: "Make ordinary items",
        icon: <LooseIcon />,
        hint: "Its rows become items of their own",
      },
    kind === "listed" && {
      ...does("detach"),
      label: "Make it its own item",
      icon: <LooseIcon />,
      hint: "It no longer follows the page tree",
    },
    (one || kind !== null) && {
      ...does("moveTo"),
      label: "Move to…",
      icon: <MoveToIcon />,
      hint: "Choose where it goes (M)",
    },
    kind === "items" && {
      ...does("wrap"),
      label: "Group under…",
      icon: <GroupIcon />,
      hint: `Put ${one ? "it" : "them"} under a new heading in ${one ? "its" : "their"} place (G)`,
    },
    kind !== "listed" && {
      ...does("copy"),
      label: "Copy",
      icon: <CopyIcon />,
      hint: `Copy ${one ? "it with what is under it" : "them with what is under them"} (Ctrl+D)`,
    },
  ];
  const removes: Action =
    kind === "listed"
      ? {
          ...does("leaveOut"),
          label: "Remove",
          icon: <RemoveIcon />,
          hint: "The list no longer shows the page (Delete)",
        }
      : {
          ...does("remove"),
          label: "Remove",
          icon: <RemoveIcon />,
          hint: "To the bin; never a page (Delete)",
        };
  return { actions: actions.filter((action) => action !== false), removes };
}

type Does = Pick<Action, "key" | "onClick">;

function below(does: Does): Action {
  return { ...does, label: "Add below", icon: <AddBelowIcon />, hint: "Add an item below (N)" };
}

function under(menu: boolean, does: Does): Action {
  return menu
    ? { ...does, label: "Add item", icon: <AddBelowIcon />, hint: "Add an item at its end (N)" }
    : { ...does, label: "Add under", icon: <AddUnderIcon />, hint: "Add an item under it (N, then Tab)" };
}

function aside(isAside: boolean, does: Does): Action {
  return isAside
    ? { ...does, label: "Restore", icon: <RestoreIcon />, hint: "Show it again where it was (H)" }
    : { ...does, label: "Set aside", icon: <AsideIcon />, hint: "Keep it, but show it nowhere (H)" };
}
