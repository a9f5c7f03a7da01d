import { describe, expect, it } from "vitest";
import type { PageDto, PlacingDto } from "../api/client";
import { treeOf } from "../working-copy/tree";
import { EVERY_PAGE, picked } from "./PickFilters";
import { page } from "./samples.test-help";

const PAGES: readonly PageDto[] = [
  { ...page("home", null, null) },
  { ...page("old", null, "home"), date: "2026-01-02", topics: ["news"] },
  { ...page("new", null, "old"), date: "2026-03-04", topics: ["news"] },
];
const tree = treeOf(PAGES, "home");
const all = PAGES.map(({ id }) => id);
const placings = { home: { unplaced: false }, old: { unplaced: true }, new: { unplaced: false } };

describe("pages that are offered", () => {
  it.each([
    ["all of them, in the order of the tree", EVERY_PAGE, ["home", "old", "new"]],
    ["those in no menu", { ...EVERY_PAGE, inNoMenu: true }, ["old"]],
    ["the newest first", { ...EVERY_PAGE, newestFirst: true }, ["new", "old", "home"]],
    ["those of a topic", { ...EVERY_PAGE, topic: "news" }, ["old", "new"]],
  ])("are %s", (_what, only, pages) => {
    expect(picked(tree, all, only, placings as unknown as Record<string, PlacingDto>)).toEqual(pages);
  });
});
