import react from "@vitejs/plugin-react";
import { VitePWA } from "vite-plugin-pwa";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [
    react(),
    // The worker keeps the page for an easel without the program; the page starts it when it takes a piece along.
    VitePWA({
      strategies: "injectManifest",
      srcDir: "src/along",
      filename: "worker.ts",
      injectRegister: false,
      injectManifest: { globPatterns: ["**/*.{html,js,css,woff2,svg,ftl}"] },
      manifest: {
        name: "Washboard",
        short_name: "Washboard",
        description: "In which order to lay which values where.",
        display: "standalone",
        background_color: "#ffffff",
        theme_color: "#ffffff",
        icons: [{ src: "favicon.svg", sizes: "any", type: "image/svg+xml" }],
      },
    }),
  ],
  // The server writes another word in its place each time that it serves the page.
  html: { cspNonce: "page-nonce" },
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
