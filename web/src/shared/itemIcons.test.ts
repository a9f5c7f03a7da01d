import { describe, expect, it } from "vitest";
import { ICONS } from "./itemIcons";
import { matching } from "./matching";

const found = (typed: string) =>
  matching(ICONS, ({ name, words }) => `${name} ${words}`, typed, 5).map(({ name }) => name);

describe("the icons of items", () => {
  it("are many, each drawn on one field by lines that begin somewhere", () => {
    expect(ICONS.length).toBeGreaterThanOrEqual(120);
    expect(new Set(ICONS.map(({ name }) => name)).size).toBe(ICONS.length);
    for (const { name, drawing } of ICONS)
      expect(`${name} ${drawing}`).toMatch(/^\w+ M[-MmLlHhVvCcSsQqTtAaZz\d., ]+$/);
  });

  it("are found by their names, and by other words", () => {
    expect(found("boat")[0]).toBe("boat");
    expect(found("basket")[0]).toBe("basket");
    expect(found("call")).toContain("phone");
    expect(found("opening hours")).toEqual(["clock"]);
    expect(found("zebra")).toEqual([]);
    expect(found("hours")).toEqual(["clock"]);
    expect(found("café")).toEqual(["cup"]);
    expect(found("hairdresser")).toEqual(["scissors"]);
  });
});
