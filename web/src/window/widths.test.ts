import { describe, expect, it } from "vitest";
import { leftToSee, nextSize, scaleAt } from "./widths";

describe("how large the preview is drawn", () => {
  it.each([
    ["a narrow pane", 0.46, 0.7, 0.46],
    ["a wide pane", 0.8, 0.8, 0.8],
    ["a pane that holds all of it", 1, 1, 1],
  ])("can be read in %s", (_, fit, readable, overview) => {
    expect(scaleAt("readable", fit)).toBe(readable);
    expect(scaleAt("overview", fit)).toBe(overview);
    expect(scaleAt("true", fit)).toBe(1);
  });

  it("goes round all sizes, the overview one press away", () => {
    expect(nextSize("readable", 0.46)).toBe("overview");
    expect(nextSize("overview", 0.46)).toBe("true");
    expect(nextSize("true", 0.46)).toBe("readable");
  });

  it("offers no size that looks the same", () => {
    expect(nextSize("readable", 0.8)).toBe("true");
    expect(nextSize("true", 0.8)).toBe("readable");
    expect(nextSize("readable", 1)).toBeNull();
  });
});

describe("what is selected", () => {
  it.each([
    ["in sight", 10, 590, 0, 0],
    ["beyond the right edge, with room to tell where it is", 1000, 1100, 0, 620],
    ["beyond the left edge", 300, 400, 500, 180],
    ["at the beginning of the page", 20, 90, 500, 0],
    ["in sight, but for the end of what opens beneath it", 480, 780, 0, 300],
    ["nearly as wide as the room", 400, 980, 0, 390],
    ["wider than the room: its beginning", 400, 1200, 0, 400],
  ])("is brought into sight when it is %s", (_, left, right, scrolled, expected) => {
    expect(leftToSee({ left, right }, { left: scrolled, right: scrolled + 600 })).toBe(expected);
  });
});
