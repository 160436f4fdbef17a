// Prints one SHA-256 over every file that a build depends on.
import { createHash } from "node:crypto";
import { readdirSync, readFileSync, statSync } from "node:fs";

const folders = [
  "app",
  "catalogue",
  "wording",
  "core",
  "features",
  "public",
  "scripts",
  "server",
  "storage",
  "ui",
  "workers",
];
const files = ["package-lock.json", "react-router.config.ts", "tsconfig.json", "vite.config.ts"];
const sum = createHash("sha256");

function add(path) {
  if (statSync(path).isDirectory()) {
    if (path.endsWith("/generated")) return;
    for (const name of readdirSync(path).sort()) add(`${path}/${name}`);
    return;
  }
  if (/\.test\.tsx?$/.test(path)) return;
  sum.update(path).update(readFileSync(path));
}

for (const path of [...folders, ...files]) add(path);
process.stdout.write(sum.digest("hex"));
