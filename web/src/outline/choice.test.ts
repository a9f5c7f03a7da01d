import { describe, expect, it } from "vitest";
import { goingTo, only, present, ticked, upTo } from "./choice";

const order = ["a", "b", "c", "d", "e"];

describe("choosing rows", () => {
  it("goes from where the range began, either way, and shrinks again", () => {
    const down = upTo(upTo(only("c"), order, "d"), order, "e");
    expect([...down.rows]).toEqual(["c", "d", "e"]);
    expect([...upTo(down, order, "d").rows]).toEqual(["c", "d"]);
    expect(upTo(down, order, "a")).toEqual({ at: "a", from: "c", rows: new Set(["a", "b", "c"]) });
  });

  it("ticks one more and one fewer, and a range begins there", () => {
    const two = ticked(only("a"), "d");
    expect([...two.rows]).toEqual(["a", "d"]);
    expect([...ticked(two, "a").rows]).toEqual(["d"]);
    expect([...upTo(two, order, "e").rows]).toEqual(["d", "e"]);
  });

  it("goes to a row without choosing it", () => {
    expect(goingTo(only("a"), "c")).toEqual({ at: "c", from: "a", rows: new Set(["a"]) });
  });

  it("follows rows that got other ids, and loses those that are gone", () => {
    const chosen = upTo(only("a"), order, "c");
    const now = (id: string) => (id === "c" ? undefined : `${id}2`);
    expect(present(chosen, now, "x")).toEqual({ at: "a2", from: "a2", rows: new Set(["a2", "b2"]) });
    expect(present(chosen, () => undefined, "x")).toEqual(only("x"));
    expect(present(only(null), now, null)).toEqual(only(null));
  });
});
