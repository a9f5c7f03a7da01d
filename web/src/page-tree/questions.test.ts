import { describe, expect, it } from "vitest";
import { page } from "../menus/samples.test-help";
import { EVERYTHING, found, isAsking, switched } from "../outline/asking";
import { rowsOf, withPaths } from "../outline/rows";
import { parentOf, treeOf } from "../working-copy/tree";
import { askedOf, type Known, questionsOf, reachQuestions, topicQuestions, withAsked } from "./questions";

const tree = treeOf(
  [
    { ...page("home", null, null), title: "Home" },
    { ...page("cafe", null, "home"), title: "Slipway Café", topics: ["café"] },
    { ...page("cakes", "cafe", null), title: "Cakes", topics: ["café", "news"] },
    { ...page("crew", null, "cafe"), title: "The crew", reach: "HELD_BACK" },
  ],
  "home",
);
const ALWAYS = { periods: "", turns: "", closed: false, unplaced: false };
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
      unplaced: false,
    },
    crew: { ...ALWAYS, menus: [], zones: [], clicks: null, unplaced: true },
  },
  changed: new Set(["cakes"]),
  found: new Set(["crew"]),
};

function find(text: string, ...asked: string[]) {
  const questions = [...questionsOf(known), ...reachQuestions(known), ...topicQuestions(tree)];
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
    expect(find("", "reach HELD_BACK")).toEqual(["crew"]);
    expect(find("", "reach OPEN")).toEqual(["home", "cafe", "cakes"]);
    expect(find("", "findings")).toEqual(["crew"]);
    expect(find("", "reach CLOSED")).toEqual(["cakes"]);
    expect(find("", "reach CLOSED", "changed")).toEqual(["cakes"]);
    expect(find("crew", "changed")).toEqual([]);
    expect(find("", "topic café")).toEqual(["cafe", "cakes"]);
    expect(find("", "topic café", "reach CLOSED")).toEqual(["cakes"]);
  });

  it("asks nothing by a question that is none any more", () => {
    expect(find("", "topic gone")).toHaveLength(4);
  });

  it("asks for one topic and one reach at a time", () => {
    const asked = withAsked(new Set(["unplaced", "topic café", "reach OPEN"]), "topic", "topic news");
    expect([...asked]).toEqual(["unplaced", "reach OPEN", "topic news"]);
    expect(askedOf(asked, "topic")).toBe("topic news");
    expect(askedOf(asked, "reach")).toBe("reach OPEN");
    expect([...withAsked(asked, "topic", null)]).toEqual(["unplaced", "reach OPEN"]);
    expect(askedOf(new Set(["unplaced"]), "topic")).toBeNull();
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
