import { expect, test } from "vitest";
import { type Choice, only } from "./choice";
import { outlineKeys } from "./outlineKeys";
import { rowsOf } from "./rows";

const TREE = {
  children: new Map<string | null, string[]>([
    [null, ["a", "b", "c"]],
    ["a", ["a1", "a2"]],
    ["b", ["b1"]],
  ]),
};

/** Presses keys one after another and tells where one is, what is chosen, and what was folded or edited. */
function after(start: Choice, folded: readonly string[], ...chords: readonly string[]): string {
  let choice = start;
  const said: string[] = [];
  const shut = new Set(folded);
  for (const chord of chords) {
    outlineKeys({
      rows: rowsOf(TREE, shut),
      choice,
      onChoose: (next) => {
        choice = next;
      },
      onEdit: (id) => said.push(`edits ${id}`),
      onFold: (id, fold) => {
        said.push(`${fold ? "folds" : "unfolds"} ${id}`);
        if (fold) shut.add(id);
        else shut.delete(id);
      },
    })[chord]?.();
  }
  return [`at ${choice.at}`, [...choice.rows].join(" "), ...said].join(", ");
}

test.each([
  [["ArrowDown"], "at a1, a1"],
  [["ArrowUp"], "at a, a"],
  [["End"], "at c, c"],
  [["End", "ArrowDown"], "at c, c"],
  [["End", "Home"], "at a, a"],
  [["ArrowRight"], "at a1, a1"],
  [["ArrowRight", "ArrowRight"], "at a1, a1"],
  [["ArrowLeft"], "at a, a, folds a"],
  [["ArrowLeft", "ArrowDown"], "at b, b, folds a"],
  [["ArrowLeft", "ArrowRight", "ArrowRight"], "at a1, a1, folds a, unfolds a"],
  [["ArrowDown", "ArrowDown", "ArrowLeft"], "at a, a"],
  [["Enter"], "at a, a, edits a"],
  [["Shift+ArrowDown", "Shift+ArrowDown"], "at a2, a a1 a2"],
  [["Shift+ArrowDown", "Shift+ArrowDown", "Shift+ArrowUp"], "at a1, a a1"],
  [["Shift+ArrowUp"], "at a, a"],
  [["Ctrl+ArrowDown", "Ctrl+ "], "at a1, a a1"],
  [["Ctrl+ArrowDown", "Ctrl+ ", "Ctrl+ "], "at a1, a"],
  [["Ctrl+a"], "at a, a a1 a2 b b1 c"],
])("%j from the first row", (chords, wanted) => {
  expect(after(only("a"), [], ...chords)).toBe(wanted);
});
