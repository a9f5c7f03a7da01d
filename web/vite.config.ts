import babel from "@rolldown/plugin-babel";
import react, { reactCompilerPreset } from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  // What a screen has drawn it draws again only where its values are others; no component says so by hand.
  plugins: [react(), babel({ presets: [reactCompilerPreset()] })],
  resolve: { alias: { "@codemirror/lang-html": new URL("src/writing/noHtml.ts", import.meta.url).pathname } },
  base: "/-/static/editor/",
  // The server puts a fresh nonce in its place with every answer.
  html: { cspNonce: "__CSP_NONCE__" },
  build: {
    outDir: "dist/editor",
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 1500,
    rolldownOptions: {
      // They do nothing by being there, but do not say so: what nobody uses of them stays out.
      treeshake: { moduleSideEffects: [{ test: /@rc-component\//, sideEffects: false }] },
      output: {
        // What screens share comes in two scripts, which are smaller than the same in some sixty.
        codeSplitting: {
          groups: [
            { name: "libraries", test: /node_modules/, minShareCount: 5, priority: 2 },
            { name: "shared", test: /src/, minShareCount: 2, priority: 1 },
          ],
        },
      },
    },
  },
  server: { proxy: { "/-/api": "http://localhost:8080", "/-/window": "http://localhost:8080" } },
});
