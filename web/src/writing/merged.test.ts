import { describe, expect, it } from "vitest";
import { merged } from "./merged";

const BASE = "Nine open canoes.\nOut and back on one tide.\n";

describe("two texts made from one", () => {
  it.each([
    ["only mine", "Ten open canoes.\nOut.\n", BASE, "Ten open canoes.\nOut.\n"],
    ["only theirs", BASE, "All gone.\n", "All gone.\n"],
    ["the same twice", "Ten.\n", "Ten.\n", "Ten.\n"],
    [
      "different lines",
      "Ten open canoes.\nOut and back on one tide.\n",
      "Nine open canoes.\nOut and back.\n",
      "Ten open canoes.\nOut and back.\n",
    ],
    [
      "different words of a line",
      "Ten open canoes.\nOut and back on one tide.\n",
      "Nine closed canoes.\nOut and back on one tide.\n",
      "Ten closed canoes.\nOut and back on one tide.\n",
    ],
    ["one at each end", `Hello.\n${BASE}`, `${BASE}Bye.\n`, `Hello.\n${BASE}Bye.\n`],
  ])("keep what each changed: %s", (_what, mine, theirs, text) => {
    expect(merged(BASE, mine, theirs)).toEqual({ text, both: false });
  });

  it("keep both where both changed the same words", () => {
    const { text, both } = merged(BASE, BASE.replace("canoes", "kayaks"), BASE.replace("canoes", "boats"));
    expect(both).toBe(true);
    expect(text).toBe("Nine open kayaks boats.\nOut and back on one tide.\n");
  });

  it("never lose a word that somebody wrote, whatever they did", () => {
    let seed = 7;
    const random = (below: number) => {
      seed = (seed * 1103515245 + 12345) % 2147483648;
      return seed % below;
    };
    const changed = (words: readonly string[], who: string) =>
      words.flatMap((word, at) => {
        const what = random(6);
        return what === 0 ? [] : what === 1 ? [word, `${who}${at}`] : what === 2 ? [`${who}${at}`] : [word];
      });
    for (let round = 0; round < 400; round++) {
      const base = Array.from({ length: 1 + random(12) }, (_, at) => `w${at}`);
      const mine = changed(base, "m");
      const theirs = changed(base, "t");
      const { text } = merged(base.join(" "), mine.join(" "), theirs.join(" "));
      const words = text.split(/\s+/);
      for (const word of [...mine, ...theirs]) if (!base.includes(word)) expect(words).toContain(word);
    }
  });

  it("are merged soon, however long they are", () => {
    const long = Array.from({ length: 30_000 }, (_, at) => `word${at % 50}`).join(" ");
    const begun = performance.now();
    merged(long, `new ${long}`, long.replaceAll("word7 ", "other "));
    expect(performance.now() - begun).toBeLessThan(5_000);
  });
});
