import { describe, expect, it } from "vitest";
import type { ImportLine } from "../api/client";
import { branchOf, counts, ticked } from "./lines";

const line = (key: string, level: number, rest: Partial<ImportLine> = {}): ImportLine => ({
  key,
  level,
  part: "PAGES",
  file: "a.csv",
  line: 1,
  verdict: "ADD",
  title: key,
  leads: "",
  fields: [],
  why: "",
  ...rest,
});
const LINES = [
  line("a", 1),
  line("b", 2, { verdict: "SKIP" }),
  line("c", 3),
  line("d", 1, { verdict: "LEFT_OUT" }),
  line("m", 2, { part: "ITEMS" }),
  line("x", 1, { part: "ASIDE", verdict: "PASSED_OVER" }),
];

describe("lines", () => {
  it("leave out with a row what is beneath it, as far as it can be left out", () => {
    expect(branchOf(LINES, "a")).toEqual(["a", "c"]);
    expect([...ticked(LINES, new Set(["d"]), "a", false)]).toEqual(["d", "a", "c"]);
    expect([...ticked(LINES, new Set(["d", "a", "c"]), "c", true)]).toEqual(["d", "a"]);
  });
  it("end a branch where another part begins", () => {
    expect(branchOf(LINES, "d")).toEqual(["d"]);
    expect(branchOf(LINES, "gone")).toEqual([]);
  });
  it("are counted by what becomes of them", () => {
    expect(counts(LINES)).toEqual({ ADD: 3, CHANGE: 0, SKIP: 1, PASSED_OVER: 1, LEFT_OUT: 1, REFUSE: 0 });
  });
});
