import { describe, expect, it } from "vitest";
import { treeOf } from "../working-copy/tree";
import { scopeKey, scopeName, scopesOf } from "../zones/scopes";
import { changeOf, set, wrapping } from "./deeds";
import { nodeOf, outlineOf } from "./outline";
import { menu, page, row } from "./samples.test-help";

const list = row("list", null, 1, "LIST");
const filled = {
  ...list,
  kind: {
    ...list.kind,
    list: { source: "WHOLE_TREE", page: null, levels: 2, order: "TREE", atMost: null, leftOut: ["x"] },
  },
} as const;
const outline = outlineOf({
  revision: 1,
  menus: [
    menu("main", [filled, row("list", "a", 2, "LISTED"), { ...row("own", null, 2, "TEXT"), hidden: true }]),
    { ...menu("aside", [{ ...row("own", null, 1, "TEXT"), foreign: true }]), setAside: true },
  ],
});

function node(id: string) {
  return nodeOf(outline, id);
}

describe("a deed is a change", () => {
  it("hides an item, and shows a hidden one", () => {
    expect(changeOf(node("main/list a"), "hide")).toMatchObject({
      kind: "setItems",
      rows: [{ item: "list", page: "a" }],
      hidden: true,
      label: null,
    });
    expect(changeOf(node("main/own"), "hide")).toMatchObject({
      rows: [{ item: "own", page: null }],
      hidden: false,
    });
  });

  it("sets a menu aside, and brings it back", () => {
    expect(changeOf(node("main"), "aside")).toEqual({ kind: "setAside", menus: ["main"], setAside: true });
    expect(changeOf(node("aside"), "hide")).toEqual({ kind: "setAside", menus: ["aside"], setAside: false });
  });

  it("removes an item, and leaves a page out of its list instead", () => {
    expect(changeOf(node("main/own"), "remove")).toEqual({ kind: "removeMenuRows", rows: ["own"] });
    expect(changeOf(node("main/list a"), "remove")).toEqual({
      kind: "setItemKind",
      item: "list",
      to: { ...filled.kind, list: { ...filled.kind.list, leftOut: ["x", "a"] } },
    });
  });

  it("wraps an item in a heading that stands where it stood", () => {
    expect(wrapping(outline, node("main/own"), "h", "Inside")).toMatchObject([
      {
        kind: "addItems",
        items: [{ id: "h", place: { parent: "list", after: null, anchor: { under: null, behind: ["a"] } } }],
      },
      { kind: "moveItems", items: ["own"], place: { parent: "h", after: null, anchor: null } },
    ]);
    expect(wrapping(outline, node("main/list a"), "h", "Inside")).toBeNull();
    expect(wrapping(outline, node("main"), "h", "Inside")).toBeNull();
    expect(wrapping(outline, node("aside/own"), "h", "Inside")).toBeNull();
  });

  it("freezes lists only, detaches rows of lists only, copies the owner's items only", () => {
    expect(changeOf(node("main/list"), "freeze")).toMatchObject({ kind: "freezeList", list: "list" });
    expect(changeOf(node("main/own"), "freeze")).toBeNull();
    expect(changeOf(node("main/list a"), "detach")).toMatchObject({
      kind: "detachBranch",
      list: "list",
      page: "a",
    });
    expect(changeOf(node("main/own"), "detach")).toBeNull();
    expect(changeOf(node("main/own"), "copy")).toMatchObject({ kind: "copyMenuRow", row: "own" });
    expect(changeOf(node("main/list a"), "copy")).toBeNull();
    expect(changeOf(node("main"), "copy")).toMatchObject({ kind: "copyMenuRow", row: "main" });
  });

  it("is none on a row that belongs to another menu", () => {
    for (const deed of ["hide", "remove", "copy", "freeze", "detach", "leaveOut"] as const) {
      expect(changeOf(node("aside/own"), deed)).toBeNull();
    }
  });

  it("sets nothing but what it names", () => {
    const { rows, kind, ...rest } = set(node("main/own"), { note: "By the tide" }) as Record<string, unknown>;
    expect(kind).toBe("setItems");
    expect(rows).toEqual([{ item: "own", page: null }]);
    expect(Object.entries(rest).filter(([, value]) => value !== null)).toEqual([["note", "By the tide"]]);
  });
});

describe("scopes", () => {
  const tree = treeOf([page("a", null, null), page("a1", "a", null), page("b", null, "a")], "a");

  it("are sections of pages with subpages, layouts, and single pages", () => {
    expect(scopesOf(tree).map((scope) => scopeName(tree, scope))).toEqual([
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
    const keys = scopesOf(tree).map(scopeKey);
    expect(new Set(keys).size).toBe(keys.length);
    expect(scopeName(tree, { kind: "PAGES", page: null, layout: null, pages: ["b", "gone"] })).toBe(
      "b, a page that is gone",
    );
  });
});
