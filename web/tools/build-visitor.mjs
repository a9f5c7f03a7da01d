// Builds what visitors' pages load: a style sheet and fonts for each look, small scripts, and the script of the
// owner's window; and the script that shows menus on websites elsewhere.
import { mkdir, readdir, readFile, stat, writeFile } from "node:fs/promises";
import { transform } from "lightningcss";
import { build } from "vite";
import { withFonts } from "./fonts.mjs";

/** Bytes that others load for it, before compression. */
const LIMIT_ELSEWHERE = 4096;

/** The oldest that see a look as it is meant; all others read the page without it. */
const BROWSERS = { chrome: 123 << 16, firefox: 121 << 16, safari: (17 << 16) | (5 << 8) };

async function script(folder, name) {
  await mkdir(`dist/${folder}`, { recursive: true });
  await build({
    configFile: false,
    logLevel: "warn",
    build: {
      outDir: `dist/${folder}`,
      emptyOutDir: false,
      lib: { entry: `${folder}/${name}.ts`, formats: ["iife"], name: "velnik", fileName: () => `${name}.js` },
    },
  });
}

for (const name of ["visitor", "window", "search"]) {
  await script("visitor", name);
}
async function styleSheet(file, css) {
  const whole = await withFonts(css, "dist/visitor");
  const { code } = transform({ filename: file, code: Buffer.from(whole), minify: true, targets: BROWSERS });
  await writeFile(`dist/visitor/${file}`, code);
}

/** What a look has of its own, which the core has too: what an owner tunes is reckoned from it. */
function rootOf(look, values) {
  const own = [...values.matchAll(new RegExp(`^${look}\\.([a-z-]+)=(\\S+)(?: (\\S+))?$`, "gm"))];
  return `:root {${own
    .map(([, name, value, dark]) => `--${name}: ${dark ? `light-dark(${value}, ${dark})` : `${value}px`};`)
    .join("")}}`;
}

const parts = ["base", "panels", "blocks"].map((name) => readFile(`visitor/${name}.css`, "utf8"));
const base = (await Promise.all(parts)).join("");
const print = await readFile("visitor/print.css", "utf8");
const values = await readFile("../core/src/main/resources/velnik/core/looks/Looks.properties", "utf8");
for (const file of await readdir("visitor/looks")) {
  const look = await readFile(`visitor/looks/${file}`, "utf8");
  await styleSheet(file, rootOf(file.replace(".css", ""), values) + base + look + print);
}
for (const file of await readdir("visitor/types")) {
  await styleSheet(`type-${file}`, await readFile(`visitor/types/${file}`, "utf8"));
}
await script("elsewhere", "menus");
const { size } = await stat("dist/elsewhere/menus.js");
if (size > LIMIT_ELSEWHERE) {
  throw new Error(`menus.js has ${size} bytes; websites elsewhere load at most ${LIMIT_ELSEWHERE}`);
}
