import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { actionOf, letLettersAct } from "./keys";

const kept = new Map<string, string>();
beforeEach(() =>
  vi.stubGlobal("localStorage", {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
  }),
);
afterEach(() => {
  vi.unstubAllGlobals();
  kept.clear();
});

function pressed(keys: readonly string[], key: string, held: object = {}): string {
  const done: string[] = [];
  const table = Object.fromEntries(keys.map((chord) => [chord, () => done.push(chord)]));
  const none = { ctrlKey: false, metaKey: false, altKey: false, shiftKey: false, repeat: false };
  actionOf(table, { ...none, key, ...held })?.();
  return done.join();
}

test.each([
  ["n", {}, "n"],
  ["N", { shiftKey: true }, "n"],
  ["n", { altKey: true }, ""],
  ["n", { metaKey: true }, ""],
  ["d", { ctrlKey: true }, "Ctrl+d"],
  ["ArrowUp", { ctrlKey: true, shiftKey: true }, "Ctrl+Shift+ArrowUp"],
  ["ArrowUp", { shiftKey: true }, ""],
  ["Delete", {}, "Delete"],
  ["Delete", { repeat: true }, ""],
  ["x", {}, ""],
])("%s with %o does %o", (key, held, wanted) => {
  expect(pressed(["n", "d", "Ctrl+d", "Ctrl+Shift+ArrowUp", "Delete"], key, held)).toBe(wanted);
});

test("letters rest when they are switched off, chords do not", () => {
  letLettersAct(false);
  expect(pressed(["n", "Ctrl+d"], "n")).toBe("");
  expect(pressed(["n", "Ctrl+d"], "d", { ctrlKey: true })).toBe("Ctrl+d");
});
