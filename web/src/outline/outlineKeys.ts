import type { Keys } from "../shell/keys";
import { type Choice, goingTo, only, ticked, upTo } from "./choice";
import type { Row } from "./rows";

/** The keys that go through rows, choose, fold and edit: Shift takes more, Ctrl goes on without choosing. */
export function outlineKeys(at: {
  readonly rows: readonly Row[];
  readonly choice: Choice;
  readonly onChoose: (choice: Choice) => void;
  readonly onEdit: (id: string) => void;
  readonly onFold: (id: string, folded: boolean) => void;
}): Keys {
  const { rows, choice, onChoose } = at;
  const index = rows.findIndex((row) => row.id === choice.at);
  const row = rows[index];
  const next = rows[index + 1];
  const before = rows[index - 1];
  const unfolded = row !== undefined && row.subpages > 0 && !row.folded;
  const order = () => rows.map(({ id }) => id);
  const choose = (one: Row | undefined) => one && onChoose(only(one.id));
  const into = () => {
    if (row?.folded) at.onFold(row.id, false);
    else if (unfolded) choose(next);
  };
  const outOf = () => {
    if (unfolded) at.onFold(row.id, true);
    else if (row) choose(rows.slice(0, index).findLast((one) => one.level < row.level));
  };
  return {
    ArrowDown: () => choose(next ?? rows.at(-1)),
    ArrowUp: () => choose(before ?? rows[0]),
    Home: () => choose(rows[0]),
    End: () => choose(rows.at(-1)),
    ArrowRight: into,
    ArrowLeft: outOf,
    Enter: () => row && at.onEdit(row.id),
    "Shift+ArrowDown": () => next && onChoose(upTo(choice, order(), next.id)),
    "Shift+ArrowUp": () => before && onChoose(upTo(choice, order(), before.id)),
    "Ctrl+ArrowDown": () => next && onChoose(goingTo(choice, next.id)),
    "Ctrl+ArrowUp": () => before && onChoose(goingTo(choice, before.id)),
    "Ctrl+ ": () => choice.at !== null && onChoose(ticked(choice, choice.at)),
    "Ctrl+a": () => onChoose({ at: choice.at, from: choice.from, rows: new Set(order()) }),
  };
}
