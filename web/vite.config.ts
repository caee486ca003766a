import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

// The build goes where the server serves it from. In development, requests go on to a running server.
export default defineConfig({
  plugins: [react()],
  build: { outDir: "../server/public", emptyOutDir: true, manifest: true, assetsInlineLimit: 0, chunkSizeWarningLimit: 900 },
  server: { host: "127.0.0.1", proxy: { "/api": "http://127.0.0.1:4646" } },
});
