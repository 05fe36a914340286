import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [react()],
  // The page's words stand with all the others.
  server: { fs: { allow: [".", "../src/washboard/words"] } },
  assetsInclude: ["**/*.ftl"],
  test: { setupFiles: ["test/words.setup.ts"] },
  build: {
    target: "es2023",
    outDir: "../src/washboard/web",
    emptyOutDir: true,
    assetsInlineLimit: 0,
    // Unpacked; what is loaded (gzip) is measured by the bench.
    chunkSizeWarningLimit: 900,
  },
});
