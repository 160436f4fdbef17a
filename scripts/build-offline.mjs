// The service worker: build/client/service-worker.js, with every file of the built app named in it by its hash.
import { build } from "esbuild";
import { injectManifest } from "workbox-build";

await build({
  entryPoints: ["app/offline/serviceWorker.ts"],
  outfile: "build/client/service-worker.js",
  bundle: true,
  minify: true,
  platform: "browser",
  format: "iife",
  target: "es2022",
  define: { "process.env.NODE_ENV": '"production"' },
  logLevel: "error",
});
const { count, size, warnings } = await injectManifest({
  swSrc: "build/client/service-worker.js",
  swDest: "build/client/service-worker.js",
  globDirectory: "build/client",
  globPatterns: ["**/*.{js,css,woff2,svg,png,ttf,json,webmanifest}", "licences.txt"],
  globIgnores: ["service-worker.js"],
  dontCacheBustURLsMatching: /assets\/.*-[\w-]{8}\.(?:js|css|woff2)$/,
});
if (warnings.length > 0) throw new Error(warnings.join("\n"));
console.log(`offline: ${count} files, ${(size / 2 ** 20).toFixed(1)} MiB`);
