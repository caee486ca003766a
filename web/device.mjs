// Builds the modules that keep and tell what a device notes into one script, for server/spec/browser/device_spec.rb:
// node device.mjs FOLDER
import { fileURLToPath } from "node:url";
import { build } from "vite";

await build({
  configFile: false,
  root: fileURLToPath(new URL(".", import.meta.url)),
  logLevel: "error",
  publicDir: false,
  define: { "process.env.NODE_ENV": '"production"' },
  build: {
    outDir: process.argv[2],
    minify: false,
    lib: {
      entry: fileURLToPath(new URL("../server/spec/browser/device.ts", import.meta.url)),
      formats: ["iife"],
      name: "device",
      fileName: () => "device.js",
    },
  },
});
