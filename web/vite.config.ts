import react from "@vitejs/plugin-react";
import { createHash } from "node:crypto";
import { readFileSync } from "node:fs";
import { defineConfig } from "vite";
import { VitePWA } from "vite-plugin-pwa";

// What the phone keeps of the application itself: its shell, its fonts, its pages. Data is another matter (api/).
const installable = VitePWA({
  registerType: "prompt",
  includeAssets: ["favicon.svg"],
  manifest: {
    id: "/",
    name: "Kohlrabi",
    lang: "en-US",
    short_name: "Kohlrabi",
    description: "What to pay for a piece, what to do next, and what to ask for it",
    start_url: "/",
    scope: "/",
    display: "standalone",
    background_color: "#f2f5f0",
    theme_color: "#f2f5f0",
    icons: [
      { src: "/icons/icon-192.png", sizes: "192x192", type: "image/png" },
      { src: "/icons/icon-512.png", sizes: "512x512", type: "image/png" },
      { src: "/icons/maskable-512.png", sizes: "512x512", type: "image/png", purpose: "maskable" },
    ],
    shortcuts: [
      { name: "Check a piece in a shop", url: "/scout/new" },
      { name: "What now", url: "/" },
    ],
  },
  workbox: {
    globPatterns: ["**/*.{js,css,html,woff2,svg,png}"],
    navigateFallback: "/index.html",
    navigateFallbackDenylist: [/^\/api\//, /^\/photos\//],
    cleanupOutdatedCaches: true,
    inlineWorkboxRuntime: true,
  },
});

// The build goes where the server serves it from. In development, requests go on to a running server.
// What a device kept in another shape of the answers is thrown away: it is known by the contract.
const shape = createHash("sha256").update(readFileSync("../tmp/contract.json")).digest("hex").slice(0, 12);

export default defineConfig({
  define: { __SHAPE__: JSON.stringify(shape) },
  plugins: [react(), installable],
  build: { outDir: "../server/public", emptyOutDir: true, manifest: true, assetsInlineLimit: 0, chunkSizeWarningLimit: 900 },
  server: { host: "127.0.0.1", proxy: { "/api": "http://127.0.0.1:4646" } },
});
