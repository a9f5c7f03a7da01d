import { describe, expect, it } from "vitest";
import { SETTINGS } from "../working-copy/server.test-help";
import { treeOf } from "../working-copy/tree";
import { scopeKey, scopeName, scopesOf } from "../zones/scopes";
import { changesOf, set, wrapping } from "./deeds";
import { nodeOf, outlineOf } from "./outline";
import { FOREIGN, menu, page, row, treeList } from "./samples.test-help";

const filled = treeList("list", "x");
const outline = outlineOf({
  revision: 1,
  menus: [
    menu("main", [filled, row("list", "a", 2, "LISTED"), { ...row("own", null, 2, "TEXT"), hidden: true }]),
    { ...menu("aside", [{ ...row("own", null, 1, "TEXT"), ...FOREIGN }]), setAside: true },
  ],
});

function node(id: string) {
  return nodeOf(outline, id);
}

describe("a deed is a change", () => {
  it("hides an item, and shows a hidden one", () => {
    expect(changesOf([node("main/list a")], "hide")).toMatchObject([
      { kind: "setItems", rows: [{ item: "list", page: "a" }], appearance: { hidden: true }, label: null },
    ]);
    expect(changesOf([node("main/own")], "hide")).toMatchObject([
      { rows: [{ item: "own", page: null }], appearance: { hidden: false } },
    ]);
  });

  it("sets a menu aside, and brings it back", () => {
    expect(changesOf([node("main")], "aside")).toEqual([
      { kind: "setAside", menus: ["main"], setAside: true },
    ]);
    expect(changesOf([node("aside")], "hide")).toEqual([
      { kind: "setAside", menus: ["aside"], setAside: false },
    ]);
  });

  it("removes an item, and leaves a page out of its list instead", () => {
    expect(changesOf([node("main/own")], "remove")).toMatchObject([
      { kind: "removeMenuRows", rows: ["own"] },
    ]);
    expect(changesOf([node("main/list a")], "remove")).toEqual([
      {
        kind: "setItemKind",
        item: "list",
        to: { ...filled.kind, list: { ...filled.kind.list, leftOut: ["x", "a"] } },
      },
    ]);
  });

  it("wraps an item in a heading that stands where it stood", () => {
    expect(wrapping(outline, [node("main/own")], "h", "Inside")).toMatchObject([
      {
        kind: "addItems",
        items: [{ id: "h", place: { parent: "list", after: null, anchor: { under: null, behind: ["a"] } } }],
      },
      { kind: "moveItems", items: ["own"], place: { parent: "h", after: null, anchor: null } },
    ]);
    expect(wrapping(outline, [node("main/list a")], "h", "Inside")).toEqual([]);
    expect(wrapping(outline, [node("main")], "h", "Inside")).toEqual([]);
    expect(wrapping(outline, [node("aside/own")], "h", "Inside")).toEqual([]);
  });

  it("freezes lists only, detaches rows of lists only, copies the owner's items only", () => {
    expect(changesOf([node("main/list")], "freeze")).toMatchObject([{ kind: "freezeList", list: "list" }]);
    expect(changesOf([node("main/own")], "freeze")).toEqual([]);
    expect(changesOf([node("main/list a")], "detach")).toMatchObject([
      { kind: "detachBranch", list: "list", page: "a" },
    ]);
    expect(changesOf([node("main/own")], "detach")).toEqual([]);
    expect(changesOf([node("main/own")], "copy")).toMatchObject([{ kind: "copyMenuRow", row: "own" }]);
    expect(changesOf([node("main/list a")], "copy")).toEqual([]);
    expect(changesOf([node("main")], "copy")).toMatchObject([{ kind: "copyMenuRow", row: "main" }]);
  });

  it("is one edit on many rows, whatever they are", () => {
    const many = [node("main/own"), node("main/list a")];
    expect(changesOf(many, "hide")).toMatchObject([
      {
        rows: [
          { item: "own", page: null },
          { item: "list", page: "a" },
        ],
        appearance: { hidden: true },
      },
    ]);
    expect(changesOf([...many, node("aside")], "remove")).toMatchObject([
      { kind: "removeMenuRows", rows: ["aside", "own"] },
      { kind: "setItemKind", item: "list" },
    ]);
    expect(changesOf([node("main"), node("aside")], "aside")).toMatchObject([
      { menus: ["main", "aside"], setAside: true },
    ]);
  });

  it("is none on a row that belongs to another menu", () => {
    for (const deed of ["hide", "remove", "copy", "freeze", "detach", "leaveOut"] as const) {
      expect(changesOf([node("aside/own")], deed)).toEqual([]);
    }
  });

  it("sets nothing but what it names", () => {
    const change = set([node("main/own")], { note: "By the tide" });
    expect(change).toMatchObject({ kind: "setItems", rows: [{ item: "own", page: null }], label: null });
    const { appearance } = change as Extract<typeof change, { kind: "setItems" }>;
    expect(Object.entries(appearance).filter(([, value]) => value !== null)).toEqual([
      ["note", "By the tide"],
    ]);
  });
});

describe("scopes", () => {
  const tree = treeOf([page("a", null, null), page("a1", "a", null), page("b", null, "a")], "a");
  const copy = { tree, settings: SETTINGS };

  it("are sections of pages with subpages, layouts, and single pages", () => {
    expect(scopesOf(copy).map((scope) => scopeName(copy, scope))).toEqual([
      "a and what is under it",
      "pages of the layout standard",
      "pages of the layout wide",
      "pages of the layout landing",
      "a",
      "a1",
      "b",
    ]);
  });

  it("are told apart by their keys", () => {
    const keys = scopesOf(copy).map(scopeKey);
    expect(new Set(keys).size).toBe(keys.length);
    expect(
      scopeName(copy, { kind: "PAGES", page: null, layout: null, topic: null, pages: ["b", "gone"] }),
    ).toBe("b and a page that is gone");
  });
});
