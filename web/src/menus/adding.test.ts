import { describe, expect, it } from "vitest";
import { rowsOf } from "../outline/rows";
import {
  addingBelow,
  addingTo,
  addingUnder,
  continued,
  nested,
  outOf,
  shownAt,
  standing,
  without,
} from "./adding";
import { nodeOf, outlineOf } from "./outline";
import { FOREIGN, menu, row, treeList } from "./samples.test-help";

const outline = outlineOf({
  revision: 1,
  menus: [
    menu("hand", [
      row("head", null, 1, "HEADING"),
      row("one", null, 2, "TEXT"),
      row("two", null, 2, "TEXT"),
      row("last", null, 1, "TEXT"),
    ]),
    menu("shows", [{ ...row("one", null, 1, "TEXT"), ...FOREIGN }]),
  ],
});
const rows = rowsOf(outline, new Set());

function node(id: string) {
  return nodeOf(outline, id);
}

describe("what is new at the end of a menu", () => {
  const far = { ...row("far", null, 1, "TEXT"), farEnd: true };
  const search = { ...row("search", null, 1, "PAGE"), builtIn: true };
  const words = { ...row("words", null, 1, "WORDS"), block: true };
  const card = { ...row("card", null, 1, "CONTACT_CARD"), block: true };
  const underList = { ...search, level: 2 };
  it.each([
    [
      "comes before what stands at the far end and the search",
      [row("one", null, 1, "TEXT"), far, search],
      "one",
    ],
    ["is first where all the others come last", [search, far], null],
    ["comes before the block that ends a menu", [words, row("one", null, 1, "TEXT"), card, search], "one"],
    ["comes after blocks where there is nothing else", [words, card, search], "card"],
    ["comes last where an ordinary row does", [search, row("one", null, 1, "TEXT")], "one"],
  ])("%s", (_what, rowsOfMenu, after) => {
    const made = outlineOf({ revision: 1, menus: [menu("bar", rowsOfMenu)] });
    const line = addingUnder(made, rowsOf(made, new Set()), nodeOf(made, "bar"));
    expect(line).toMatchObject({ place: { parent: "bar", after }, level: 2 });
  });

  it("goes among the rows of a list where those that come last are there", () => {
    const list = [
      treeList("tree"),
      row("tree", "home", 2, "LISTED"),
      row("tree", "hire", 2, "LISTED"),
      underList,
    ];
    const made = outlineOf({ revision: 1, menus: [menu("bar", list)] });
    const line = addingUnder(made, rowsOf(made, new Set()), nodeOf(made, "bar"));
    expect(line).toMatchObject({
      place: { parent: "tree", after: null, anchor: { under: null, behind: ["hire", "home"] } },
      level: 3,
      shownAfter: ["bar/tree hire"],
    });
  });
});

describe("the add line", () => {
  it("opens below a row, after all that is under it", () => {
    const line = addingBelow(outline, rows, node("hand/head"));
    expect(line).toMatchObject({ menu: "hand", place: { parent: "hand", after: "head" }, level: 2 });
    expect(shownAt(rows, line?.shownAfter ?? [])).toBe(rows.findIndex((each) => each.id === "hand/two"));
  });

  it("opens at the end of what is under a row, and for a menu at its end", () => {
    expect(addingUnder(outline, rows, node("hand/head"))).toMatchObject({
      place: { parent: "head", after: "two" },
      level: 3,
    });
    expect(addingBelow(outline, rows, node("hand"))).toMatchObject({
      place: { parent: "hand", after: "last" },
      level: 2,
    });
  });

  it("opens in a menu that has not come yet", () => {
    expect(addingTo("new").place).toEqual({ parent: "new", after: null, anchor: null });
  });

  it("does not open among the rows of another menu", () => {
    expect(addingBelow(outline, rows, node("shows/one"))).toBeNull();
    expect(addingUnder(outline, rows, node("shows/one"))).toBeNull();
  });

  it("goes on after each line typed, before the row has come", () => {
    const line = addingTo("hand");
    const next = continued(continued(line, "a"), "b");
    expect(next.place.after).toBe("b");
    expect(next.shownAfter).toEqual(["hand/b", "hand/a", "hand"]);
    expect(shownAt(rows, next.shownAfter)).toBe(0);
  });

  it("stands after what is still there of the rows it was to come after", () => {
    const line = addingUnder(outline, rows, node("hand/head"));
    if (!line) throw new Error("no line");
    expect(standing(outline, line)).toEqual(line.place);
    expect(standing(outline, continued(line, "refused"))).toEqual(line.place);
    expect(without(continued(line, "refused"), "refused")).toMatchObject({ place: line.place });
    const later = outlineOf({
      revision: 2,
      menus: [
        menu("hand", [
          row("head", null, 1, "HEADING"),
          row("one", null, 2, "TEXT"),
          row("two", null, 1, "TEXT"),
        ]),
      ],
    });
    expect(standing(later, line)).toEqual({ parent: "head", after: "one", anchor: null });
    const empty = outlineOf({ revision: 3, menus: [menu("hand", [])] });
    expect(standing(empty, line)).toEqual({ parent: "head", after: null, anchor: null });
  });

  it("nests under the line before it, and goes out again", () => {
    expect(nested(addingTo("hand"))).toEqual(addingTo("hand"));
    const under = nested(continued(addingTo("hand"), "head"));
    expect(under).toMatchObject({ place: { parent: "head", after: null }, level: 3 });
    expect(outOf(outline, under)).toMatchObject({ place: { parent: "hand", after: "head" }, level: 2 });
    expect(outOf(outline, addingTo("hand"))).toEqual(addingTo("hand"));
  });
});
