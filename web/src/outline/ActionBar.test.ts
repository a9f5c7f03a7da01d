import { describe, expect, it } from "vitest";
import { fitting } from "./ActionBar";

describe("what fits on the line of actions", () => {
  it.each([
    { widths: [50, 50, 50], room: 150, fits: 3 },
    { widths: [50, 50, 50], room: 149, fits: 1 },
    { widths: [50, 50, 50], room: 60, fits: 0 },
    { widths: [], room: 0, fits: 0 },
  ])("of $widths in $room is $fits, with room for the rest", ({ widths, room, fits }) => {
    expect(fitting(widths, room)).toBe(fits);
  });
});
