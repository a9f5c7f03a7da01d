import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import { Preferences } from "./preferences";

describe("preferences", () => {
  const kept = vi.spyOn(api, "keepPreference").mockResolvedValue(undefined);
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => {
    vi.useRealTimers();
    kept.mockClear();
  });

  it("are what the server has, and otherwise what was asked for", async () => {
    vi.spyOn(api, "preferences").mockResolvedValue({ settings: { folded: '["a"]', broken: "[" } });
    const preferences = new Preferences();
    await preferences.load();
    expect(preferences.read("folded", [])).toEqual(["a"]);
    expect(preferences.read("broken", ["b"])).toEqual(["b"]);
    expect(preferences.read("missing", 3)).toBe(3);
  });

  it("keep nobody waiting where the server does not answer", async () => {
    vi.spyOn(api, "preferences").mockRejectedValue(new Error("gone"));
    const preferences = new Preferences();
    await preferences.load();
    expect(preferences.read("folded", ["x"])).toEqual(["x"]);
  });

  it("are read back at once and sent once they rest, and only where they changed", () => {
    const preferences = new Preferences();
    for (const ids of [["a"], ["a", "b"], ["a", "b"]]) preferences.keep("folded", ids);
    preferences.keep("away", []);
    expect(preferences.read("folded", [])).toEqual(["a", "b"]);
    expect(kept).not.toHaveBeenCalled();
    vi.runAllTimers();
    expect(kept.mock.calls).toEqual([
      ["folded", '["a","b"]'],
      ["away", "[]"],
    ]);
  });
});
