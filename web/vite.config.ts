import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [react()],
  build: { outDir: "dist", emptyOutDir: true, target: "es2022", sourcemap: false },
  // How soon is no matter for a test: a busy machine gets the time it needs.
  test: { testTimeout: 60_000 },
  server: { proxy: { "/api": "http://127.0.0.1:8710" } },
});
