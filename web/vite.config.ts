import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react()],
  base: "/-/static/editor/",
  // The server puts a fresh nonce in its place with every answer.
  html: { cspNonce: "__CSP_NONCE__" },
  build: { outDir: "dist/editor", assetsInlineLimit: 0, chunkSizeWarningLimit: 1500 },
  server: { proxy: { "/-/api": "http://localhost:8080", "/-/window": "http://localhost:8080" } },
});
