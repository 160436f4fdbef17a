// The growing year of the demonstration: build/season/season.json and its scans, made by the app's own flatbed. It takes a
// minute and a half of computing: what was made by the same code is kept. With `make` it is only made, beside the app's own
// build, which empties the folder; without, it is put there.
import { createHash } from "node:crypto";
import { cp, mkdir, mkdtemp, readdir, readFile, rename, rm, stat, writeFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { build } from "esbuild";

const KEPT = "node_modules/.cache/still-box-season";
const TO = "build/season";

const folder = await mkdtemp(join(tmpdir(), "still-box-season-"));
const outfile = join(folder, "makeSeason.mjs");
await build({
  entryPoints: ["server/season/makeSeason.ts"],
  outfile,
  bundle: true,
  platform: "node",
  format: "esm",
  target: "node20",
  // Some packages within ask for others as CommonJS does.
  banner: {
    js: 'import { createRequire as requireFrom } from "node:module"; const require = requireFrom(import.meta.url);',
  },
  logLevel: "error",
});
const code = createHash("sha256")
  .update(await readFile(outfile))
  .digest("hex")
  .slice(0, 16);
const kept = join(KEPT, code);
if (!(await stat(kept).catch(() => null))) {
  const { makeSeason } = await import(pathToFileURL(outfile));
  const making = join(folder, "season");
  await mkdir(making);
  const season = await makeSeason((name, bytes) => writeFile(join(making, name), bytes));
  await writeFile(join(making, "season.json"), JSON.stringify(season));
  await rm(KEPT, { recursive: true, force: true });
  await mkdir(KEPT, { recursive: true });
  // Whole or not at all: a build that was stopped leaves no half season.
  await cp(making, `${kept}.half`, { recursive: true });
  await rename(`${kept}.half`, kept);
}
await rm(folder, { recursive: true });
if (process.argv[2] === "make") process.exit(0);
await rm(TO, { recursive: true, force: true });
await cp(kept, TO, { recursive: true });
const sizes = await Promise.all((await readdir(TO)).map(async (name) => (await stat(join(TO, name))).size));
console.log(`season: ${sizes.length - 1} scans, ${(sizes.reduce((a, b) => a + b, 0) / 2 ** 20).toFixed(1)} MiB`);
