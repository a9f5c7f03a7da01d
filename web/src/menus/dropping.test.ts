import { describe, expect, it } from "vitest";
import type { Load } from "../outline/drag";
import type { Target } from "../outline/drop";
import { rowsOf } from "../outline/rows";
import { treeOf } from "../working-copy/tree";
import { destinationsFor, targetFor } from "./destinations";
import { judge, loadOf } from "./dropping";
import { nodeOf, outlineOf } from "./outline";
import { FOREIGN, menu, page, row, treeList } from "./samples.test-help";

/** "main" yields the tree (a over a1, b) with an item of the owner's; "hand" has a heading over an item, and shows "main". */
const outline = outlineOf({
  revision: 1,
  menus: [
    menu("main", [
      treeList("list"),
      row("list", "a", 2, "LISTED"),
      row("list", "a1", 3, "LISTED"),
      row("own", null, 2, "TEXT"),
      row("list", "b", 2, "LISTED"),
    ]),
    menu("hand", [
      row("head", null, 1, "HEADING"),
      row("one", null, 2, "TEXT"),
      { ...row("far", null, 1, "TEXT"), ...FOREIGN },
    ]),
  ],
});
const tree = treeOf([page("a", null, null), page("a1", "a", null), page("b", null, "a")], "a");

function rows(...ids: string[]): Load {
  return { from: "rows", ids, level: 1, name: "" };
}
function into(parent: string): Target {
  return { kind: "into", parent, index: 0 };
}
function between(parent: string | null, after: string | null): Target {
  return { kind: "between", parent, after, level: 1, index: 0 };
}
function changes(load: Load, target: Target) {
  const verdict = judge(outline, tree, load, target);
  return verdict.kind === "allowed" ? verdict.changes : verdict.words;
}

describe("letting rows go in the outline of menus", () => {
  it("moves items within a menu and between menus", () => {
    expect(changes(rows("hand/one"), between("hand", "hand/head"))).toEqual([
      { kind: "moveItems", items: ["one"], place: { parent: "hand", after: "head", anchor: null } },
    ]);
    expect(changes(rows("hand/head"), between("main/list", "main/list a"))).toEqual([
      {
        kind: "moveItems",
        items: ["head"],
        place: { parent: "list", after: null, anchor: { under: null, behind: ["a"], ahead: ["b"] } },
      },
    ]);
    expect(changes(rows("main/own", "hand/one"), into("hand"))).toMatchObject([
      { kind: "moveItems", items: ["own", "one"], place: { parent: "hand" } },
    ]);
  });

  it("moves the page that a list's row stands for, within its list", () => {
    expect(changes(rows("main/list b"), between("main/list", null))).toEqual([
      { kind: "movePages", pages: ["b"], place: { parent: null, after: null } },
    ]);
    expect(changes(rows("main/list b"), into("main/list a"))).toEqual([
      { kind: "movePages", pages: ["b"], place: { parent: "a", after: "a1" } },
    ]);
    expect(changes(rows("main/list b"), between("main/list", "main/own"))).toEqual([
      { kind: "movePages", pages: ["b"], place: { parent: null, after: "a" } },
    ]);
  });

  it("moves menus among the menus", () => {
    expect(changes(rows("hand"), between(null, null))).toEqual([
      { kind: "moveMenus", menus: ["hand"], after: null },
    ]);
  });

  it("places pages of the tree, nested or flat", () => {
    const load: Load = { from: "pages", ids: ["a", "a1"], level: 1, nested: true, name: "" };
    expect(changes(load, into("hand/head"))).toMatchObject([
      {
        kind: "addItems",
        items: [
          { kind: { page: "a" }, place: { parent: "head", after: "one" } },
          { kind: { page: "a1" }, place: { after: null } },
        ],
      },
    ]);
    expect(changes({ ...load, nested: false }, into("hand/head"))).toMatchObject([
      { items: [{ place: { parent: "head" } }, { place: { parent: "head" } }] },
    ]);
  });

  const forbidden = [
    ["an item among the menus", rows("hand/one"), between(null, "main"), "An item goes into a menu."],
    ["an item under itself", rows("hand/head"), into("hand/one"), "head cannot go under itself."],
    ["a menu in a menu", rows("main"), into("hand"), "A menu goes beside another, not into it."],
    [
      "into another menu's row",
      rows("hand/one"),
      into("hand/far"),
      "It belongs to another menu; change it there.",
    ],
    [
      "a list's row into another menu",
      rows("main/list b"),
      into("hand"),
      "A row of a list goes where its page goes. Make it its own item to move it elsewhere.",
    ],
    ["a page under its subpage", rows("main/list a"), into("main/list a1"), "a cannot go under itself."],
    ["a row that is gone", rows("hand/one"), into("nowhere"), "That row is not there any more."],
    ["rows that are gone", rows("nowhere"), into("hand"), "These rows cannot go together."],
    [
      "pages among the menus",
      { from: "pages", ids: ["a"], level: 1, name: "" } as Load,
      between(null, null),
      "A page goes into a menu, not between menus.",
    ],
  ] as const;
  it.each(forbidden)("is refused for %s", (_what, load, target, words) => {
    expect(judge(outline, tree, load, target)).toEqual({ kind: "refused", words });
  });

  it("offers where rows can go, by typing as by pointer", () => {
    const to = (...ids: string[]) =>
      destinationsFor(
        outline,
        ids.map((id) => nodeOf(outline, id)),
      ).map(({ id, takes }) => `${id} ${takes}`);
    expect(to("hand/head")).toEqual([
      "main under",
      "main/list both",
      "main/list a both",
      "main/list a1 both",
      "main/own both",
      "main/list b both",
      "hand under",
    ]);
    expect(to("main/list b")).toEqual(["main/list both", "main/list a both", "main/list a1 both"]);
    expect(to("main")).toEqual(["hand after"]);
    expect(changes(rows("hand/one"), targetFor(outline, "main/own", "after"))).toMatchObject([
      { kind: "moveItems", items: ["one"], place: { parent: "list", after: "own" } },
    ]);
    expect(changes(rows("hand/one"), targetFor(outline, "hand", "under"))).toMatchObject([
      { kind: "moveItems", items: ["one"], place: { parent: "hand", after: "head" } },
    ]);
  });

  it("takes along what goes together only", () => {
    const seen = rowsOf(outline, new Set());
    const node = (id: string) => nodeOf(outline, id);
    expect(loadOf(outline, seen, [node("hand/one"), node("main/own")])).toMatchObject({
      name: "one, own",
      level: 3,
    });
    expect(loadOf(outline, seen, [node("hand/one"), node("main")])).toBeNull();
    expect(loadOf(outline, seen, [node("hand/far")])).toBeNull();
  });
});
