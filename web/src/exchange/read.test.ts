import { expect, test } from "vitest";
import { sentenceOf } from "../shared/sentenceOf";
import { read } from "./read";

test("files that are too large together are told with their size and what would do", async () => {
  const half = new File([new Uint8Array(3_000_000)], "half.zip");
  const problem = await read([half, half]).catch((failed) => failed);
  expect(sentenceOf(problem)).toBe(
    "This is 6 MB; up to 5.8 MB are read at a time. Choose fewer files, or smaller ones.",
  );
});
