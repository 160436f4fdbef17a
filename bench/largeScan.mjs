// What a scan of 100 Mpx takes at most in memory: opened, judged, drawn for the screen, as a worker does it.
// `node bench/largeScan.mjs make grey|colour <file>` makes one; `… open grey|colour <file>` prints the most memory that its
// process had, GB: one of its own, so that what others took is not counted.
import { readFileSync, writeFileSync } from "node:fs";
import { inflateSync } from "node:zlib";
import { bundled } from "./core.mjs";

const [WIDTH, HEIGHT, BORDER] = [11_600, 8_650, 120];
const SHEET = { width: 254, height: 189 };
const [, , what, kind, file] = process.argv;
const colour = kind === "colour";
await (what === "make" ? make() : open());

async function make() {
  const { default: sharp } = await import("sharp");
  const grey = { r: 120, g: 120, b: 120 };
  const paper = await sharp({
    create: {
      width: WIDTH - 2 * BORDER,
      height: HEIGHT - 2 * BORDER,
      channels: 3,
      background: grey,
      noise: { type: "gaussian", mean: 120, sigma: 30 },
    },
  })
    .png({ compressionLevel: 1 })
    .toBuffer();
  const lid = { r: 250, g: 250, b: 250 };
  const whole = sharp({ create: { width: WIDTH, height: HEIGHT, channels: 3, background: lid } })
    .composite([{ input: paper, left: BORDER, top: BORDER }])
    .removeAlpha();
  const png = (colour ? whole : whole.toColourspace("b-w")).png({ compressionLevel: 1 });
  writeFileSync(file, await png.toBuffer());
}

async function open() {
  const { proofJob } = await bundled("proof", `export { proofJob } from "./workers/jobs/proof/proofJob.ts";`);
  const work = proofJob({ inflate: async (zlib, most) => inflateSync(zlib, { maxOutputLength: most }) });
  const settings = { medium: { least: 0.05, most: 2.05, range: 110, iso: 6 }, sheet: SHEET, white: 0.9 };
  const camera = { hole: { diameter: 0.42 }, film: { distance: 120, ...SHEET } };
  const bytes = new Uint8Array(readFileSync(file));
  for (const asked of [
    { kind: "open", settings },
    { kind: "judge", settings },
    { kind: "draw", settings: { ...settings, camera, colour, output: { width: 1200 } }, spots: [], lines: null },
  ]) {
    const { output } = await work({ ...asked, key: kind, bytes }, { report: () => {}, cancelled: () => false });
    if (!output.ok) throw new Error(`${asked.kind}: ${output.error.message}`);
  }
  console.log(`${((process.resourceUsage().maxRSS * 1024) / 1e9).toFixed(2)} GB`);
}
