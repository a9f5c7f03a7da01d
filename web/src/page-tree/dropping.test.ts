import { describe, expect, it } from "vitest";
import { page } from "../menus/samples.test-help";
import type { Target } from "../outline/drop";
import { treeOf } from "../working-copy/tree";
import { judge } from "./dropping";

const tree = treeOf(
  [page("a", null, null), page("a1", "a", null), page("b", null, "a"), page("c", null, "b")],
  "a",
);
const into = (parent: string): Target => ({ kind: "into", parent, index: 0 });
const between = (parent: string | null, after: string | null): Target => ({
  kind: "between",
  parent,
  after,
  level: 1,
  index: 0,
});

describe("letting pages go in the tree", () => {
  const allowed = [
    ["under a page", ["b"], into("a"), "Under a, at its end", { parent: "a", after: "a1" }],
    ["after a sibling", ["a"], between(null, "c"), "At the top level, after c", { parent: null, after: "c" }],
    [
      "first of all",
      ["b", "c"],
      between(null, null),
      "At the top level, first",
      { parent: null, after: null },
    ],
    ["first under a page", ["c"], between("a", null), "Under a, first", { parent: "a", after: null }],
    [
      "after a page, under another",
      ["c"],
      between("a", "a1"),
      "Under a, after a1",
      { parent: "a", after: "a1" },
    ],
  ] as const;
  it.each(allowed)("moves them %s", (_where, pages, target, words, place) => {
    expect(judge(tree, pages, target)).toEqual({
      kind: "allowed",
      words,
      changes: [{ kind: "movePages", pages, place }],
    });
  });

  const staying = [
    ["on itself", ["b"], between(null, "b")],
    ["after the row before it", ["b"], between(null, "a")],
    ["as a block where it stands", ["b", "c"], between(null, "b")],
  ] as const;
  it.each(staying)("changes nothing %s", (_where, pages, target) => {
    expect(judge(tree, pages, target)).toEqual({ kind: "allowed", words: "Stays where it is.", changes: [] });
  });

  const refused = [
    ["under itself", ["a"], into("a"), "a cannot go under itself."],
    ["under its subpage", ["c", "a"], into("a1"), "a cannot go under itself."],
    ["where nothing is any more", ["b"], into("gone"), "That is not there any more."],
    ["when they are gone themselves", [], into("a"), "That is not there any more."],
  ] as const;
  it.each(refused)("is refused %s", (_where, pages, target, words) => {
    expect(judge(tree, pages, target)).toEqual({ kind: "refused", words });
  });
});
