import { Action } from "./Action";
import type { Move } from "./moves";

/** The buttons of all moves but those across levels, which not every row has. */
export function MovesAlong(props: MoveProps) {
  return (
    <>
      <Action label="↑" name="Move up" hint="Move up (Ctrl+Shift+Up)" {...doing(props, "up")} />
      <Action label="↓" name="Move down" hint="Move down (Ctrl+Shift+Down)" {...doing(props, "down")} />
      <Action
        label="⤒"
        name="Move to the top"
        hint="To the beginning (Ctrl+Shift+Home)"
        {...doing(props, "first")}
      />
      <Action label="⤓" name="Move to the end" hint="To the end (Ctrl+Shift+End)" {...doing(props, "last")} />
    </>
  );
}

/** @param what one row is called */
export function MovesAcross(props: MoveProps & { readonly what: "page" | "row" }) {
  const { what } = props;
  return (
    <>
      <Action
        label="→ in"
        hint={`Move in, under the ${what} before it (Ctrl+Shift+Right)`}
        {...doing(props, "in")}
      />
      <Action
        label="← out"
        hint={`Move out, after the ${what} above it (Ctrl+Shift+Left)`}
        {...doing(props, "out")}
      />
    </>
  );
}

type MoveProps = { readonly may: (move: Move) => boolean; readonly onMove: (move: Move) => void };

function doing({ may, onMove }: MoveProps, move: Move) {
  return { idle: !may(move), onClick: () => onMove(move) };
}
