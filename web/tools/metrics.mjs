// Makes the widths of the letters of the looks' own type, by which the core reckons how wide labels are, out of the
// fonts that ship, by the shaper that browsers use:
//   npm install --no-save harfbuzzjs@1.6.4 wawoff2@2.0.1 && node tools/metrics.mjs
import { readFile, writeFile } from "node:fs/promises";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { Blob, Buffer, Face, Font, shape, Variation } from "harfbuzzjs";
import { decompress } from "wawoff2";

const require = createRequire(import.meta.url);
const TO = "../core/src/main/resources/velnik/core/fit/Faces.properties";
const FAMILIES = [
  "bricolage-grotesque",
  "brygada-1918",
  "familjen-grotesk",
  "figtree",
  "lora",
  "mulish",
  "rokkitt",
];
/** Those between and beyond are reckoned from them. */
const WEIGHTS = [400, 700];

const buffer = new Buffer();
function widthOf(font, text) {
  buffer.reset();
  buffer.addText(text);
  buffer.guessSegmentProperties();
  shape(font, buffer);
  return buffer.getGlyphPositions().reduce((sum, { xAdvance }) => sum + xAdvance, 0);
}

/** The letters for which browsers fetch each file of a family; the last that claims one has it. */
async function filesOf(family) {
  const sheet = require.resolve(`@fontsource-variable/${family}/wght.css`);
  const css = await readFile(sheet, "utf8");
  const files = [];
  for (const [block] of css.matchAll(/@font-face\s*\{[^}]*\}/g)) {
    const data = await decompress(await readFile(join(dirname(sheet), /url\(\.\/([^)]+)\)/.exec(block)[1])));
    const codes = /unicode-range:\s*([^;]+)/
      .exec(block)[1]
      .split(",")
      .flatMap((range) => {
        const [from, to = from] = range
          .trim()
          .slice(2)
          .split("-")
          .map((hex) => Number.parseInt(hex, 16));
        return Array.from({ length: to - from + 1 }, (_, index) => from + index);
      });
    files.push({ face: new Face(new Blob(data)), codes });
  }
  const claimed = new Map();
  for (const [index, { face, codes }] of files.entries()) {
    const has = new Set(face.collectUnicodes());
    for (const code of codes) if (has.has(code) && code >= 0x20) claimed.set(code, index);
  }
  return files.map(({ face }, index) => ({
    face,
    codes: [...claimed]
      .filter(([, file]) => file === index)
      .map(([code]) => code)
      .sort((a, b) => a - b),
  }));
}

/** Numbers those that are alike. */
function classes(keys) {
  const known = new Map();
  return keys.map((key) => known.get(key) ?? known.set(key, known.size).size - 1);
}

/** Its letters, and how pairs of them are moved. */
function figuresOf(font, codes) {
  const letters = codes.map((code) => String.fromCodePoint(code));
  const widths = letters.map((letter) => widthOf(font, letter));
  const moves = letters.map((left, l) =>
    letters.map((right, r) => widthOf(font, left + right) - widths[l] - widths[r]),
  );
  const lefts = classes(moves.map((row) => row.join()));
  const rights = classes(letters.map((_, r) => moves.map((row) => row[r]).join()));
  const seen = new Set();
  const told = moves.flatMap((row, l) => {
    if (seen.has(lefts[l])) return [];
    seen.add(lefts[l]);
    const each = new Map(row.flatMap((move, r) => (move === 0 ? [] : [[rights[r], move]])));
    return each.size === 0
      ? []
      : [`${lefts[l]} ${[...each].map(([right, move]) => `${right}:${move}`).join(" ")}`];
  });
  const all = codes.map((code, i) => `${code.toString(16)} ${widths[i]} ${lefts[i]} ${rights[i]}`);
  return `${all.join(",")};${told.join(",")}`;
}

const lines = [
  "# The widths of letters, made by web/tools/metrics.mjs. Of each family and weight: how many units an em has; then of",
  "# each file of it, since browsers shape each by itself, its letters, and how pairs are moved. A letter is its code, its",
  "# width, and two classes: letters of one left class do the same to what follows them, of a right class to what goes",
  "# before. A move is a left class, and right classes each with how much more. Ligatures are told as such moves.",
];
for (const family of FAMILIES) {
  const files = await filesOf(family);
  for (const weight of WEIGHTS) {
    const each = files.map(({ face, codes }) => {
      const font = new Font(face);
      font.setVariations([new Variation("wght", weight)]);
      return figuresOf(font, codes);
    });
    lines.push(`${family}.${weight}=${[files[0].face.upem, ...each].join(";")}`);
  }
}
await writeFile(TO, `${lines.join("\n")}\n`);
