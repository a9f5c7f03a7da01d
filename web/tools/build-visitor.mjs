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
const base = await readFile("visitor/base.css", "utf8");
const print = await readFile("visitor/print.css", "utf8");
for (const file of await readdir("visitor/looks")) {
  const look = await readFile(`visitor/looks/${file}`, "utf8");
  const css = await withFonts(base + look + print, "dist/visitor");
  const { code } = transform({ filename: file, code: Buffer.from(css), minify: true, targets: BROWSERS });
  await writeFile(`dist/visitor/${file}`, code);
}
await script("elsewhere", "menus");
const { size } = await stat("dist/elsewhere/menus.js");
if (size > LIMIT_ELSEWHERE) {
  throw new Error(`menus.js has ${size} bytes; websites elsewhere load at most ${LIMIT_ELSEWHERE}`);
}
