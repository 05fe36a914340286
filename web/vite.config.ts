import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react()],
  build: {
    outDir: "../src/washboard/web",
    emptyOutDir: true,
    assetsInlineLimit: 0,
    // Unpacked; what is loaded (gzip) is measured by the bench.
    chunkSizeWarningLimit: 900,
  },
});
