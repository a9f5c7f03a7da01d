import { describe, expect, it } from "vitest";
import { type PageTree, treeOf } from "../working-copy/tree";
import { moveOf } from "./deeds";
import {
  endUnder,
  findItem,
  itemAfterMove,
  nodeOf,
  opensSomething,
  outlineOf,
  pageAfterMove,
  placeAt,
} from "./outline";
import { FOREIGN, menu, page, row, treeList } from "./samples.test-help";

/**
 * Two menus. "main" follows the tree: a list with the rows a, a1, b and an item of the owner's behind a and one under
 * a; "hand" is a list by hand with a heading over two items, and shows "main".
 */
const outline = outlineOf({
  revision: 1,
  menus: [
    menu("main", [
      treeList("list"),
      row("list", "a", 2, "LISTED"),
      row("list", "a1", 3, "LISTED"),
      row("deep", null, 3, "TEXT"),
      row("own", null, 2, "WEB_LINK"),
      row("list", "b", 2, "LISTED"),
    ]),
    menu("hand", [
      row("head", null, 1, "HEADING"),
      row("one", null, 2, "TEXT"),
      row("two", null, 2, "TEXT"),
      row("last", null, 1, "TEXT"),
      row("shown", null, 1, "OTHER_MENU"),
      { ...row("own", null, 2, "WEB_LINK"), ...FOREIGN },
    ]),
  ],
});

const tree: PageTree = treeOf(
  [page("a", null, null), page("a1", "a", null), page("hidden", null, "a"), page("b", null, "hidden")],
  "a",
);

function node(id: string) {
  return nodeOf(outline, id);
}

describe("the outline of all menus", () => {
  it("hangs rows under the rows above them", () => {
    expect(node("main/deep").parent).toBe("main/list a");
    expect(node("hand/two").parent).toBe("hand/head");
    expect(outline.children.get("main/list")).toEqual(["main/list a", "main/own", "main/list b"]);
  });

  it("finds an item in its own menu, not where another shows it", () => {
    expect(findItem(outline, "own", null)?.id).toBe("main/own");
    expect(findItem(outline, "list", "b")?.id).toBe("main/list b");
  });

  it("knows whether something shows beneath a row", () => {
    const away = (item: string) => ({ ...row(item, null, 2, "TEXT"), absence: "Hidden." });
    const rows = [row("full", null, 1, "HEADING"), away("gone"), row("here", null, 2, "TEXT")];
    const idle = [row("idle", null, 1, "HEADING"), away("away"), row("nobody", null, 2, "LIST")];
    const these = outlineOf({
      revision: 1,
      menus: [menu("m", [...rows, ...idle, row("bare", null, 1, "TEXT")])],
    });
    const opens = (id: string) => opensSomething(these, nodeOf(these, `m/${id}`));
    expect(["full", "idle", "bare"].map(opens)).toEqual([true, false, false]);
  });
});

describe("a place", () => {
  it("among items is after one of them", () => {
    expect(placeAt(outline, node("hand/head"), "hand/one")).toEqual({
      parent: "head",
      after: "one",
      anchor: null,
    });
    expect(endUnder(outline, node("hand"))).toEqual({ parent: "hand", after: "shown", anchor: null });
  });

  it("among the rows of a list remembers the rows before it, nearest first", () => {
    expect(placeAt(outline, node("main/list"), "main/list b")).toEqual({
      parent: "list",
      after: "own",
      anchor: { under: null, behind: ["b", "a"], ahead: [] },
    });
    expect(placeAt(outline, node("main/list"), null)).toEqual({
      parent: "list",
      after: null,
      anchor: { under: null, behind: [], ahead: ["a", "b"] },
    });
  });

  it("under a row of a list hangs from that row", () => {
    expect(endUnder(outline, node("main/list a"))).toEqual({
      parent: "list",
      after: "deep",
      anchor: { under: "a", behind: ["a1"], ahead: [] },
    });
  });
});

describe("moving an item", () => {
  const table = [
    ["hand/two", "up", { parent: "head", after: null, anchor: null }],
    ["hand/one", "up", null],
    ["hand/one", "down", { parent: "head", after: "two", anchor: null }],
    ["hand/two", "down", null],
    ["hand/two", "in", { parent: "one", after: null, anchor: null }],
    ["hand/two", "out", { parent: "hand", after: "head", anchor: null }],
    ["hand/last", "in", { parent: "head", after: "two", anchor: null }],
    ["hand/last", "out", null],
    [
      "main/own",
      "up",
      { parent: "list", after: null, anchor: { under: null, behind: [], ahead: ["a", "b"] } },
    ],
    [
      "main/own",
      "down",
      { parent: "list", after: "own", anchor: { under: null, behind: ["b", "a"], ahead: [] } },
    ],
    ["main/own", "in", { parent: "list", after: "deep", anchor: { under: "a", behind: ["a1"], ahead: [] } }],
    ["main/own", "out", { parent: "main", after: "list", anchor: null }],
    [
      "main/deep",
      "out",
      { parent: "list", after: null, anchor: { under: null, behind: ["a"], ahead: ["b"] } },
    ],
    ["main/list a", "down", null],
    ["hand/own", "up", null],
  ] as const;
  it.each(table)("%s %s", (id, move, place) => {
    expect(itemAfterMove(outline, [node(id)], move)).toEqual(place);
  });
});

describe("moving a row of a list moves its page", () => {
  const table = [
    ["main/list b", "up", { parent: null, after: null }],
    ["main/list a", "down", { parent: null, after: "b" }],
    ["main/list b", "in", { parent: "a", after: "a1" }],
    ["main/list a1", "out", { parent: null, after: "a" }],
    ["main/list a", "up", null],
    ["main/list b", "down", null],
    ["main/list b", "out", null],
    ["main/own", "up", null],
  ] as const;
  it.each(table)("%s %s", (id, move, place) => {
    expect(pageAfterMove(outline, [node(id)], tree, move)).toEqual(place);
  });

  it("is the change that pages are moved by", () => {
    expect(moveOf(outline, tree, [node("main/list b")], "in")).toEqual({
      kind: "movePages",
      pages: ["b"],
      place: { parent: "a", after: "a1" },
    });
    expect(moveOf(outline, tree, [node("hand")], "up")).toEqual({
      kind: "moveMenus",
      menus: ["hand"],
      after: null,
    });
    expect(moveOf(outline, tree, [node("hand")], "down")).toBeNull();
    expect(moveOf(outline, tree, [node("main")], "down")).toEqual({
      kind: "moveMenus",
      menus: ["main"],
      after: "hand",
    });
  });
});
