import { describe, expect, it } from "vitest";
import { matching } from "./matching";

const PAGES = ["Menu of the week", "Slipway Café", "Café", "Cakes to order", "Home", "Evening at the café"];

describe("what is found by typing", () => {
  it.each([
    ["cafe", ["Café", "Slipway Café", "Evening at the café"]],
    ["CA", ["Café", "Cakes to order", "Slipway Café", "Evening at the café"]],
    ["week menu", ["Menu of the week"]],
    ["boat", []],
  ])("comes by how well its name fits: %s", (typed, found) => {
    expect(matching(PAGES, (page) => page, typed, 12)).toEqual(found);
  });

  it("is everything before anything is typed, as many as are wanted", () => {
    expect(matching(PAGES, (page) => page, "", 2)).toEqual(PAGES.slice(0, 2));
  });
});
