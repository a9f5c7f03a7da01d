// Builds what visitors' pages load: one style sheet, small scripts, and the script of the owner's window.
import { copyFile, mkdir } from "node:fs/promises";
import { build } from "vite";

const out = "dist/visitor";
await mkdir(out, { recursive: true });
for (const name of ["visitor", "window", "search"]) {
  await build({
    configFile: false,
    logLevel: "warn",
    build: {
      outDir: out,
      emptyOutDir: false,
      lib: { entry: `visitor/${name}.ts`, formats: ["iife"], name: "velnik", fileName: () => `${name}.js` },
    },
  });
}
await copyFile("visitor/look.css", `${out}/look.css`);
