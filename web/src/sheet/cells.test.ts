import { describe, expect, it } from "vitest";
import { menu, row, treeList } from "../menus/samples.test-help";
import { afterKey, cellsOf, isIn, labelled, type Range, toggled, wordsOf } from "./cells";

const list = treeList("list", "about");
const main = menu("main", [list, row("list", "hire", 1, "LISTED"), row("list", "canoes", 2, "LISTED")]);
const home = { ...row("i1", null, 1, "PAGE"), page: "home" };
const soup = { ...row("i2", null, 1, "PAGE"), page: "cafe", ownLabel: "Soup", label: "Soup" };
const short = menu("short", [home, soup, { ...soup, key: "i3", item: "i3" }]);
const cells = cellsOf([main, short]);

describe("cells", () => {
  it.each([
    ["main", "hire", "by the list"],
    ["short", "home", ""],
    ["short", "cafe", "in 2 places"],
  ])("in %s, %s says “%s”", (of, page, words) => {
    const standing = cells.get(of)?.get(page);
    expect(standing && wordsOf(standing)).toBe(words);
  });

  it("are missing where the menu does not hold the page", () => {
    expect(cells.get("short")?.has("hire")).toBe(false);
    expect(cells.get("main")?.has("about")).toBe(false);
  });

  it("are placed where some are empty, those alone, and else taken out", () => {
    const placed = { page: "home", menu: "short" };
    const empty = { page: "hire", menu: "short" };
    expect(toggled(cells, [placed, empty])).toMatchObject({ kind: "placePages", pages: [empty] });
    expect(toggled(cells, [placed])).toMatchObject({ kind: "takePagesOut", pages: [placed] });
    expect(toggled(cells, [])).toBeNull();
  });

  it("take a label as items, as rows of a list, and placed with it", () => {
    const of = (menu: string, page: string) => labelled(cells, { menu, page }, "New");
    expect(of("short", "home")).toMatchObject({ kind: "setItems", rows: [{ item: "i1", page: null }] });
    expect(of("main", "hire")).toMatchObject({ kind: "setItems", rows: [{ item: "list", page: "hire" }] });
    expect(of("short", "hire")).toMatchObject({
      kind: "placePages",
      pages: [{ menu: "short", page: "hire", label: "New" }],
    });
  });
});

describe("a key in the sheet", () => {
  const range: Range = { from: [3, 1], at: [3, 1] };
  it.each([
    ["ArrowUp", false, [2, 1], [2, 1]],
    ["ArrowRight", false, [3, 2], [3, 2]],
    ["ArrowLeft", true, [3, 1], [3, 0]],
    ["PageDown", true, [3, 1], [9, 1]],
    ["Home", false, [3, 0], [3, 0]],
    ["End", true, [3, 1], [3, 3]],
  ] as const)("%s (with Shift: %s) leads from %j to %j", (key, shift, from, at) => {
    expect(afterKey(range, key, shift, 10, 4)).toEqual({ from, at });
  });

  it("is none of its own otherwise, and never leads out of it", () => {
    expect(afterKey(range, "x", false, 10, 4)).toBeNull();
    expect(afterKey({ from: [0, 0], at: [0, 0] }, "ArrowUp", false, 1, 1)?.at).toEqual([0, 0]);
  });

  it("takes a range whichever corner it began at", () => {
    const back: Range = { from: [3, 2], at: [1, 1] };
    expect([isIn(back, 2, 1), isIn(back, 1, 2), isIn(back, 0, 1), isIn(back, 2, 3)]).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });
});
