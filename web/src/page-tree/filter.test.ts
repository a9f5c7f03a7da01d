import { describe, expect, it } from "vitest";
import { page } from "../menus/samples.test-help";
import { rowsOf, withPaths } from "../outline/rows";
import { treeOf } from "../working-copy/tree";
import { EVERYTHING, type Filter, filters, found, type pagesFor } from "./filter";

const tree = treeOf(
  [
    { ...page("home", null, null), title: "Home" },
    { ...page("cafe", null, "home"), title: "Slipway Café" },
    { ...page("cakes", "cafe", null), title: "Cakes" },
    { ...page("crew", null, "cafe"), title: "The crew", reach: "HELD_BACK" },
  ],
  "home",
);
const known = {
  placings: {
    home: { menus: [], clicks: 0 },
    cafe: { menus: ["Main"], clicks: 1 },
    cakes: { menus: [], clicks: null },
    crew: { menus: [], clicks: null },
  },
  changed: new Set(["cakes"]),
};

function find(text: string, ...asked: Parameters<typeof pagesFor>[2][]) {
  return found(tree, known, { text, asked: new Set(asked) } satisfies Filter);
}

describe("looking for pages", () => {
  it("goes by part of a title, accents and capitals aside", () => {
    expect(find("cafe")).toEqual(["cafe"]);
    expect(find("C")).toEqual(["cafe", "cakes", "crew"]);
    expect(find("nothing of the kind")).toEqual([]);
  });

  it("combines what is asked", () => {
    expect(find("", "unplaced")).toEqual(["cakes", "crew"]);
    expect(find("", "withheld")).toEqual(["crew"]);
    expect(find("", "unplaced", "changed")).toEqual(["cakes"]);
    expect(find("crew", "changed")).toEqual([]);
  });

  it("knows when nothing is asked", () => {
    expect(filters(EVERYTHING)).toBe(false);
    expect(filters({ ...EVERYTHING, text: " " })).toBe(false);
    expect(filters({ ...EVERYTHING, text: "x" })).toBe(true);
  });

  it("keeps the path to what is found, whatever is folded", () => {
    const rows = rowsOf(tree, new Set(["cafe"]), withPaths(tree, ["cakes"]));
    expect(rows.map((row) => [row.id, row.level, row.position, row.siblings])).toEqual([
      ["cafe", 1, 1, 1],
      ["cakes", 2, 1, 1],
    ]);
  });
});
