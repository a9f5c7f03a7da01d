import { describe, expect, it } from "vitest";
import { page } from "../menus/samples.test-help";
import { EVERYTHING, found, isAsking, switched } from "../outline/finding";
import { rowsOf, withPaths } from "../outline/rows";
import { parentOf, treeOf } from "../working-copy/tree";
import { askedTopic, type Known, questionsOf, topicQuestions, withTopic } from "./questions";

const tree = treeOf(
  [
    { ...page("home", null, null), title: "Home" },
    { ...page("cafe", null, "home"), title: "Slipway Café", topics: ["café"] },
    { ...page("cakes", "cafe", null), title: "Cakes", topics: ["café", "news"] },
    { ...page("crew", null, "cafe"), title: "The crew", reach: "HELD_BACK" },
  ],
  "home",
);
const ALWAYS = { periods: "", turns: "", closed: false };
const known: Known = {
  placings: {
    home: { ...ALWAYS, menus: [], zones: [], clicks: 0 },
    cafe: { ...ALWAYS, menus: ["Main"], zones: ["HEADER"], clicks: 1 },
    cakes: {
      menus: [],
      zones: [],
      clicks: null,
      periods: "from 1 April 2027",
      turns: "from 1 April 2027",
      closed: true,
    },
    crew: { ...ALWAYS, menus: [], zones: [], clicks: null },
  },
  changed: new Set(["cakes"]),
};

function find(text: string, ...asked: string[]) {
  const questions = [...questionsOf(tree, known), ...topicQuestions(tree)];
  return found(tree.pages.values(), (each) => each.title, { text, asked: new Set(asked) }, questions).map(
    (each) => each.id,
  );
}

describe("looking for pages", () => {
  it("goes by part of a title, accents and capitals aside", () => {
    expect(find("cafe")).toEqual(["cafe"]);
    expect(find("C")).toEqual(["cafe", "cakes", "crew"]);
    expect(find("nothing of the kind")).toEqual([]);
  });

  it("combines what is asked", () => {
    expect(find("", "unplaced")).toEqual(["crew"]);
    expect(find("", "withheld")).toEqual(["crew"]);
    expect(find("", "closed")).toEqual(["cakes"]);
    expect(find("", "closed", "changed")).toEqual(["cakes"]);
    expect(find("crew", "changed")).toEqual([]);
    expect(find("", "topic café")).toEqual(["cafe", "cakes"]);
    expect(find("", "topic café", "closed")).toEqual(["cakes"]);
  });

  it("asks nothing by a question that is none any more", () => {
    expect(find("", "topic gone")).toHaveLength(4);
  });

  it("asks for one topic at a time", () => {
    const asked = withTopic(new Set(["unplaced", "topic café"]), "news");
    expect([...asked]).toEqual(["unplaced", "topic news"]);
    expect(askedTopic(asked)).toBe("news");
    expect([...withTopic(asked, null)]).toEqual(["unplaced"]);
    expect(askedTopic(new Set(["unplaced"]))).toBeNull();
  });

  it("knows when nothing is asked", () => {
    expect(isAsking(EVERYTHING)).toBe(false);
    expect(isAsking({ ...EVERYTHING, text: " " })).toBe(false);
    expect(isAsking({ ...EVERYTHING, text: "x" })).toBe(true);
    expect(isAsking(switched(EVERYTHING, "unplaced"))).toBe(true);
    expect(isAsking(switched(switched(EVERYTHING, "unplaced"), "unplaced"))).toBe(false);
  });

  it("keeps the path to what is found, whatever is folded", () => {
    const rows = rowsOf(
      tree,
      new Set(["cafe"]),
      withPaths((id) => parentOf(tree, id), ["cakes"]),
    );
    expect(rows.map((row) => [row.id, row.level, row.position, row.siblings])).toEqual([
      ["cafe", 1, 1, 1],
      ["cakes", 2, 1, 1],
    ]);
  });
});
