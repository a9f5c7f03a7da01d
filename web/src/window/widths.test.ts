import { describe, expect, it } from "vitest";
import { nextSize, scaleAt } from "./widths";

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
