import { expect, test } from "vitest";
import { counted } from "./counted";

test.each([
  [0, "0 pages"],
  [1, "1 page"],
  [2, "2 pages"],
  [5_000, "5,000 pages"],
])("%d", (count, words) => {
  expect(counted(count, "# page", "# pages")).toBe(words);
});
