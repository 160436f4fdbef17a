// The server round the built app, and the thread it measures pictures in: build/server/main.js, pictures.worker.js.
import { build } from "esbuild";

await build({
  entryPoints: ["server/main.ts", "server/pictures.worker.ts"],
  outdir: "build/server",
  bundle: true,
  // What only some need is read only by them.
  splitting: true,
  packages: "external",
  platform: "node",
  format: "esm",
  target: "node20",
  logLevel: "error",
});
