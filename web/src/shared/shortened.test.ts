import { expect, test } from "vitest";
import { shortened } from "./shortened";

test.each([
  ["Hire", "Hire"],
  ["x".repeat(60), "x".repeat(60)],
  ["x".repeat(10_000), `${"x".repeat(60)}…`],
  ["\u{1F6A4}".repeat(61), `${"\u{1F6A4}".repeat(60)}…`],
])("%s", (words, told) => {
  expect(shortened(words)).toBe(told);
});
