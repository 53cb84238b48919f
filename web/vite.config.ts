import react from "@vitejs/plugin-react";
import { VitePWA } from "vite-plugin-pwa";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [
    react(),
    // The app itself on the device, for the time without a line. The page registers it, and the manifest is public/'s.
    VitePWA({
      strategies: "injectManifest",
      srcDir: "src",
      filename: "sw.ts",
      injectRegister: false,
      manifest: false,
      injectManifest: { globPatterns: ["**/*.{js,css,html,svg,woff2,webmanifest}"] },
    }),
  ],
  build: { outDir: "dist", emptyOutDir: true, target: "es2022", sourcemap: false },
  // How soon is no matter for a test: a busy machine gets the time it needs.
  test: { testTimeout: 60_000 },
  server: { proxy: { "/api": "http://127.0.0.1:8710" } },
});
