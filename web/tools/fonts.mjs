// The type of the visitors' looks: faces for a style sheet, each beside a face of the visitor's own system that is
// stretched to much the same room. A font that comes too late for the first drawing is kept for the next page, so that
// nothing ever jumps; the owner's preview waits for it.
import { createHash } from "node:crypto";
import { copyFile, mkdir, readFile, writeFile } from "node:fs/promises";
import { createRequire } from "node:module";
import { basename, dirname, join } from "node:path";
import { createFontStack } from "@capsizecss/core";
import { entireMetricsCollection } from "@capsizecss/metrics/entireMetricsCollection";
import { fromFile } from "@capsizecss/unpack/fs";

const require = createRequire(import.meta.url);
const URL_OF_FILE = /url\(\.\/(files\/[^)]+)\)/;
/** In the style sheet, `--stack-figtree` names the font and what stands in for it. */
const ASKED = /var\(--stack-([a-z0-9-]+)\)/g;

/** @param {string} family as its package is called */
async function facesOf(family, out, serif) {
  const sheet = require.resolve(`@fontsource-variable/${family}/wght.css`);
  const css = await readFile(sheet, "utf8");
  const faces = [];
  for (const [face] of css.matchAll(/@font-face\s*\{[^}]*\}/g)) {
    const file = join(dirname(sheet), URL_OF_FILE.exec(face)[1]);
    const content = await readFile(file);
    const hash = createHash("sha256").update(content).digest("hex").slice(0, 8);
    const name = basename(file, ".woff2");
    await writeFile(join(out, "fonts", `${name}-${hash}.woff2`), content);
    faces.push(
      face
        .replace(URL_OF_FILE, `url(fonts/${name}-${hash}.woff2)`)
        .replace("woff2-variations", "woff2")
        .replace("font-display: swap", "font-display: optional"),
    );
  }
  await copyFile(join(dirname(sheet), "LICENSE"), join(out, "fonts", `${family}.licence`));
  const latin = join(dirname(sheet), "files", `${family}-latin-wght-normal.woff2`);
  const own = { ...(await fromFile(latin)), familyName: /font-family: '([^']+)'/.exec(css)[1] };
  const standing = serif ? entireMetricsCollection.timesNewRoman : entireMetricsCollection.arial;
  const stack = createFontStack([own, standing], { fontFaceFormat: "styleString" });
  return {
    faces: `${faces.join("\n")}\n${stack.fontFaces}`,
    stack: `${stack.fontFamily}, ${serif ? "serif" : "sans-serif"}`,
  };
}

const SERIF = new Set(["brygada-1918", "rokkitt", "lora"]);

/** The style sheet with its fonts, which are put beside it. */
export async function withFonts(css, out) {
  await mkdir(join(out, "fonts"), { recursive: true });
  const families = [...new Set([...css.matchAll(ASKED)].map(([, family]) => family))];
  const made = await Promise.all(
    families.map(async (family) => [family, await facesOf(family, out, SERIF.has(family))]),
  );
  const known = new Map(made);
  return (
    made.map(([, { faces }]) => faces).join("\n") + css.replace(ASKED, (_, family) => known.get(family).stack)
  );
}
