// Builds what visitors' pages load: one style sheet, small scripts, and the script of the owner's window; and the
// script that shows menus on websites elsewhere.
import { copyFile, mkdir, stat } from "node:fs/promises";
import { build } from "vite";

/** Bytes that others load for it, before compression. */
const LIMIT_ELSEWHERE = 4096;

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
await copyFile("visitor/look.css", "dist/visitor/look.css");
await script("elsewhere", "menus");
const { size } = await stat("dist/elsewhere/menus.js");
if (size > LIMIT_ELSEWHERE) {
  throw new Error(`menus.js has ${size} bytes; websites elsewhere load at most ${LIMIT_ELSEWHERE}`);
}
