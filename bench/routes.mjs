// What each page fetches at once: the scripts of its route and all that these import, gzip -9. Bar: DESIGN, “Speed”.
import { readdirSync, readFileSync } from "node:fs";
import { dirname, join, normalize } from "node:path";
import { gzipSync } from "node:zlib";
import { row } from "./report.mjs";

/** The pages of the build, the heaviest first: scripts that each fetches at once, kB after gzip -9. */
export function routeWeights() {
  const client = new URL("../build/client/", import.meta.url).pathname;
  const text = (path) => readFileSync(join(client, path), "utf8");
  const manifestFile = readdirSync(join(client, "assets")).find((name) => /^manifest-.*\.js$/.test(name));
  const manifest = JSON.parse(text(`assets/${manifestFile}`).match(/=\s*(\{.*\})/s)[1]);

  /** A script and all that it imports at once. */
  function withImports(path, seen = new Set()) {
    if (seen.has(path)) return seen;
    seen.add(path);
    for (const [, from] of text(path).matchAll(/(?:import|export)\s*(?:[^"'()]*?\bfrom\s*)?["'](\.[^"']+\.js)["']/g))
      withImports(normalize(join(dirname(path), from)), seen);
    return seen;
  }

  const sizes = new Map();
  function sizeOf(path) {
    if (!sizes.has(path)) sizes.set(path, gzipSync(text(path), { level: 9 }).length);
    return sizes.get(path);
  }

  /** Its own module, its parents', the frame’s. */
  function scriptsOf(id) {
    const { entry, routes } = manifest;
    const modules = [entry.module];
    for (let at = id; at !== undefined; at = routes[at].parentId) modules.push(routes[at].module);
    const paths = new Set();
    for (const path of modules) withImports(path.replace(/^\//, ""), paths);
    return [...paths].reduce((sum, path) => sum + sizeOf(path), 0);
  }

  return Object.values(manifest.routes)
    .filter(({ module }) => module !== undefined)
    .map(({ id }) => ({ id, kB: scriptsOf(id) / 1000 }))
    .sort((a, b) => b.kB - a.kB);
}

/** Prints the heaviest. */
export function routeFigures() {
  for (const { id, kB } of routeWeights().slice(0, 8)) row(`${id}: script, gzip -9`, `${kB.toFixed(1)} kB`, "≤ 310 kB");
}
