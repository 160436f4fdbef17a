// The server round the built app, the thread it measures pictures in, and what writes the app as a folder for hosts without a
// server: build/server/main.js, pictures.worker.js, makeStatic.js.
import { build } from "esbuild";

await build({
  entryPoints: ["server/main.ts", "server/pictures.worker.ts", "server/static/makeStatic.ts"],
  outdir: "build/server",
  entryNames: "[name]",
  bundle: true,
  // What only some need is read only by them.
  splitting: true,
  packages: "external",
  platform: "node",
  format: "esm",
  target: "node20",
  logLevel: "error",
});
