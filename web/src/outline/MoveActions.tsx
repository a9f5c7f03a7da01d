import { DownIcon, FirstIcon, InIcon, LastIcon, OutIcon, UpIcon } from "../shared/icons";
import type { Action } from "./ActionBar";
import type { Move } from "./moves";

type Moving = { readonly may: (move: Move) => boolean; readonly onMove: (move: Move) => void };

/** All moves within a level. */
export function movesAlong(moving: Moving): readonly Action[] {
  return [
    { key: "up", name: "Move up", icon: <UpIcon />, hint: "Move up (Ctrl+Shift+Up)", ...by(moving, "up") },
    {
      key: "down",
      name: "Move down",
      icon: <DownIcon />,
      hint: "Move down (Ctrl+Shift+Down)",
      ...by(moving, "down"),
    },
    {
      key: "first",
      name: "Move to the beginning",
      icon: <FirstIcon />,
      hint: "To the beginning (Ctrl+Shift+Home)",
      ...by(moving, "first"),
    },
    {
      key: "last",
      name: "Move to the end",
      icon: <LastIcon />,
      hint: "To the end (Ctrl+Shift+End)",
      ...by(moving, "last"),
    },
  ];
}

/** The moves across levels. @param what one row is called */
export function movesAcross(moving: Moving, what: "page" | "row"): readonly Action[] {
  return [
    {
      key: "in",
      name: "Move in",
      icon: <InIcon />,
      hint: `Move in, under the ${what} before it (Ctrl+Shift+Right)`,
      ...by(moving, "in"),
    },
    {
      key: "out",
      name: "Move out",
      icon: <OutIcon />,
      hint: `Move out, after the ${what} above it (Ctrl+Shift+Left)`,
      ...by(moving, "out"),
    },
  ];
}

function by({ may, onMove }: Moving, move: Move) {
  return { idle: !may(move), onClick: () => onMove(move) };
}
