import { describe, expect, it } from "vitest";
import { targetAt } from "./drop";
import { rowsOf } from "./rows";

/** a (a1 (a11), a2), b (folded over b1), c */
const tree = {
  children: new Map<string | null, readonly string[]>([
    [null, ["a", "b", "c"]],
    ["a", ["a1", "a2"]],
    ["a1", ["a11"]],
    ["b", ["b1"]],
  ]),
};
const rows = rowsOf(tree, new Set(["b"]));

/** Rows: 0 a, 1 a1, 2 a11, 3 a2, 4 b, 5 c. */
describe("a pointer over the rows means", () => {
  const table = [
    ["the middle of a row: under it", 1.5, 1, "into a1"],
    ["above the first row: first of all", 0.1, 3, "first in top"],
    ["far above everything: first of all", -4, 1, "first in top"],
    ["below a row that has rows under it: first of those", 1.1, 1, "first in a"],
    ["between siblings: after the first of them", 4.9, 1, "after b in top"],
    ["the end of branches, far left: after the outermost that ends there", 3.9, 1, "after a in top"],
    ["the end of branches, one further right: after the inner one", 3.9, 2, "after a2 in a"],
    ["the end of branches, two further right: under the row above", 3.9, 3, "first in a2"],
    ["the end of branches, beyond what is possible: the nearest", 3.9, 9, "first in a2"],
    ["the end of a deep branch: the levels that end there", 2.9, 1, "after a1 in a"],
    ["the end of a deep branch, further right", 2.9, 3, "after a11 in a1"],
    ["under a folded row: never unseen inside it", 4.9, 4, "after b in top"],
    ["below everything: at the end", 40, 1, "after c in top"],
    ["below everything, to the right: under the last", 40, 2, "first in c"],
  ] as const;
  it.each(table)("%s", (_what, y, level, expected) => {
    const target = targetAt(rows, y, level);
    expect(
      target.kind === "into"
        ? `into ${target.parent}`
        : `${target.after === null ? "first" : `after ${target.after}`} in ${target.parent ?? "top"}`,
    ).toBe(expected);
  });

  it("nothing else where there are no rows", () => {
    expect(targetAt([], 3, 1)).toEqual({ kind: "between", parent: null, after: null, level: 1, index: 0 });
  });

  it("a place at every height and level, which names rows that are there", () => {
    const ids = new Set<string | null>([null, ...rows.map((row) => row.id)]);
    for (let y = -1; y < 8; y += 0.05) {
      for (let level = -2; level < 6; level++) {
        const target = targetAt(rows, y, level);
        expect(ids.has(target.parent)).toBe(true);
        if (target.kind === "between" && target.after !== null) {
          expect(tree.children.get(target.parent)).toContain(target.after);
        }
      }
    }
  });
});
