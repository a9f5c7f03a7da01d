// Makes the widths of the letters of the looks' own type, by which the core reckons how wide labels are, out of the
// fonts that ship, by the shaper that browsers use:
//   npm install --no-save harfbuzzjs@1.6.4 wawoff2@2.0.1 && node tools/metrics.mjs
//
// Of each family and weight `face FAMILY WEIGHT UNITS`; of each of its files `file`, since browsers shape each by
// itself; of each letter `CODE WIDTH LEFT RIGHT`, where letters of one class do the same to what follows (left) or goes
// before (right); of each left class that moves anything `k LEFT RIGHT:MORE …`. Ligatures are told as such moves.
import { readFile, writeFile } from "node:fs/promises";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { Blob, Buffer, Face, Font, shape, Variation } from "harfbuzzjs";
import { decompress } from "wawoff2";

const require = createRequire(import.meta.url);
const TO = "../core/src/main/resources/velnik/core/fit/faces.txt";
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

function linesOf(font, codes) {
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
      : [`k ${lefts[l]} ${[...each].map(([right, move]) => `${right}:${move}`).join(" ")}`];
  });
  return [
    "file",
    ...codes.map((code, i) => `${code.toString(16)} ${widths[i]} ${lefts[i]} ${rights[i]}`),
    ...told,
  ];
}

const lines = [];
for (const family of FAMILIES) {
  const files = await filesOf(family);
  for (const weight of WEIGHTS) {
    lines.push(`face ${family} ${weight} ${files[0].face.upem}`);
    for (const { face, codes } of files) {
      const font = new Font(face);
      font.setVariations([new Variation("wght", weight)]);
      lines.push(...linesOf(font, codes));
    }
  }
}
await writeFile(TO, `${lines.join("\n")}\n`);
