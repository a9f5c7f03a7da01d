import { describe, expect, it } from "vitest";
import { page } from "../menus/samples.test-help";
import { applied, treeOf } from "../working-copy/tree";
import { nearest } from "./useChosenPages";

const before = treeOf(
  [
    page("home", null, null),
    page("hire", null, "home"),
    page("canoes", "hire", null),
    page("kayaks", "hire", "canoes"),
    page("doubles", "kayaks", null),
    page("rafts", "hire", "kayaks"),
    page("crew", null, "hire"),
  ],
  "home",
);

const without = (removed: string[], placed: ReturnType<typeof page>[] = []) =>
  applied(before, { removed, placed, altered: [], home: "home" });

describe("the page nearest to one that went", () => {
  it.each([
    ["the next beside it", "canoes", without(["canoes"]), "kayaks"],
    ["the one before the last", "rafts", without(["rafts"]), "kayaks"],
    ["the nearest before it", "rafts", without(["kayaks", "doubles", "rafts"]), "canoes"],
    ["what it was under", "doubles", without(["doubles"]), "kayaks"],
    [
      "a subpage that moved up",
      "kayaks",
      without(["kayaks"], [page("doubles", "hire", "canoes")]),
      "doubles",
    ],
    [
      "beside what went with it",
      "doubles",
      without(["hire", "canoes", "kayaks", "doubles", "rafts"]),
      "crew",
    ],
    ["Home where it never was", "boats", before, "home"],
    ["Home where nothing was chosen", null, before, "home"],
  ])("is %s", (_said, gone, now, found) => {
    expect(nearest(before, now, gone)).toBe(found);
  });

  it("is none where no page is left", () => {
    const now = applied(before, { removed: [...before.pages.keys()], placed: [], altered: [], home: null });
    expect(nearest(before, now, "canoes")).toBeNull();
  });
});
