import { describe, expect, it } from "vitest";
import { foldedTo, levelsOf, rowsOf } from "./rows";

/** a (b (c), d), e */
const tree = {
  children: new Map<string | null, readonly string[]>([
    [null, ["a", "e"]],
    ["a", ["b", "d"]],
    ["b", ["c"]],
  ]),
};

describe("folding to a level", () => {
  it.each([
    [1, ["a", "e"]],
    [2, ["a", "b", "d", "e"]],
    [3, ["a", "b", "c", "d", "e"]],
  ])("%i shows %j", (levels, shown) => {
    expect(rowsOf(tree, new Set(foldedTo(tree, levels))).map((row) => row.id)).toEqual(shown);
  });

  it("leaves what is deeper as it was", () => {
    expect(foldedTo(tree, 1)).toEqual(["a"]);
    expect(levelsOf(tree)).toBe(3);
  });
});
