import { describe, expect, it } from "vitest";
import { page } from "../menus/samples.test-help";
import { treeOf } from "../working-copy/tree";
import { wrapping } from "./wrapping";

const tree = treeOf(
  [page("home", null, null), page("hire", null, "home"), page("canoes", "hire", null)],
  "home",
);

describe("wrapping pages in a new one", () => {
  it.each([
    [["hire"], { parent: null, after: "home" }],
    [["home", "hire"], { parent: null, after: null }],
    [["canoes"], { parent: "hire", after: null }],
    [["hire", "canoes"], { parent: null, after: "home" }],
  ])("%j puts it at %j and them under it", (pages, place) => {
    expect(wrapping(tree, pages, "new", "Boats")).toEqual([
      { kind: "addPages", pages: [{ id: "new", place, title: "Boats", reach: null }] },
      { kind: "movePages", pages, place: { parent: "new", after: null } },
    ]);
  });

  it("makes nothing of nothing", () => {
    expect(wrapping(tree, [], "new", "Boats")).toEqual([]);
  });
});
