import { describe, expect, it } from "vitest";
import { plain, search } from "./search";

const PAGES = [
  ["Canoes", "canoes/index.html", "hire", "Open boats for two."],
  ["Café on the quay", "cafe/index.html", "", "Coffee, and canoes to look at."],
  ["Hire", "hire/index.html", "", "By the hour."],
] as const;

const found = (asked: string) => search(PAGES, asked).map(([title]) => title);

describe("search", () => {
  it.each([
    ["canoes", ["Canoes", "Café on the quay"]],
    ["CAFE quay", ["Café on the quay"]],
    ["cafés", []],
    ["hir", ["Hire", "Canoes"]],
    ["canoes hour", []],
    ["  ", []],
    ["?!", []],
  ])("%s", (asked, titles) => {
    expect(found(asked)).toEqual(titles);
  });

  it("compares words as they are said", () => {
    expect(plain("  L’été—à Zürich! ")).toBe(" l ete a zurich");
  });
});
