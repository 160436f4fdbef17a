// Figures of Proof: from a scan of 24 Mpx to a positive, in Node, beside sharp on the same machine. CPU time, not wall time:
// in a process of its own (`node bench/proof.mjs`), for what others left in memory is looked through again and again.
import { execFileSync } from "node:child_process";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import sharp from "sharp";
import { bundled } from "./core.mjs";
import { quantile, row } from "./report.mjs";

/** Pixels of a made-up scan. */
export const WIDTH = 6000;
export const HEIGHT = 4000;
const SHEET = { width: 254, height: 169.3333333333 };
const CAMERA = { hole: { diameter: 0.42 }, film: { distance: 120, ...SHEET } };
const CAN = { hole: { diameter: 0.42 }, film: { surface: "cylinder", radius: 100, distance: 200, ...SHEET } };
const MEDIUM = { least: 0.05, most: 2.05, range: 110, iso: 6 };
const BORDER = 60;

/** A negative on the glass, made up: waves with grain, the lid round it. */
export function madeUp(border) {
  const samples = new Uint8Array(WIDTH * HEIGHT);
  let state = 1;
  for (let i = 0; i < samples.length; i++) {
    state = (Math.imul(state, 1103515245) + 12345) & 0x7fffffff;
    const [x, y] = [i % WIDTH, (i / WIDTH) | 0];
    const lid = x < border || y < border || x >= WIDTH - border || y >= HEIGHT - border;
    samples[i] = lid ? 250 : 120 + 60 * Math.sin(x / 90) * Math.cos(y / 130) + ((state >> 20) % 8);
  }
  return { width: WIDTH, height: HEIGHT, channels: 1, samples, most: 255, encoding: null };
}

/** CPU time of something, ms: user and system, of all threads. */
async function cpu(work) {
  const from = process.cpuUsage();
  await work();
  const { user, system } = process.cpuUsage(from);
  return (user + system) / 1000;
}

/** Inversion, edges, unbending, sharpening, a scan of 100 Mpx. */
async function proofFigures() {
  const { findSheet, placeSheet, pointwise, proofExposure, transformOf, judgeScan } = await bundled(
    "proof",
    `export { placeSheet, pointwise, proofExposure, judgeScan } from "./core/negative/index.ts";
     export { findSheet } from "./core/negative/scan/findSheet.ts";
     export { transformOf } from "./workers/codecs/fourier.ts";`,
  );
  const whole = madeUp(0);
  const settings = { medium: MEDIUM, sheet: { ...SHEET, corners: cornersOf(0) }, white: 0.85 };
  const [ours, theirs] = [[], []];
  for (let i = 0; i < 9; i++) {
    ours.push(await cpu(async () => pointwise(whole, settings, placeSheet(whole, settings))));
    theirs.push(
      await cpu(() =>
        sharp(whole.samples, { raw: { width: WIDTH, height: HEIGHT, channels: 1 } })
          .negate()
          .linear(1.2, -10)
          .gamma(2.2)
          .raw()
          .toBuffer(),
      ),
    );
  }
  const [own, other] = [quantile(ours, 0.5), quantile(theirs, 0.5)];
  row("inversion with curve, 24 Mpx: CPU, and sharp’s", `${own.toFixed(0)}, ${other.toFixed(0)} ms`, "–");
  row("  of sharp’s negate + linear + gamma", `${(own / other).toFixed(2)} ×`, "≤ 0.5 ×");
  const scan = madeUp(BORDER);
  row("edges found, 24 Mpx: CPU", `${(await cpu(async () => findSheet(scan, "file"))).toFixed(0)} ms`, "≤ 1 s");
  const placed = { medium: MEDIUM, sheet: { ...SHEET, corners: cornersOf(BORDER) }, white: 0.85 };
  row("judged, 24 Mpx: CPU", `${(await cpu(async () => judgeScan(scan, placed))).toFixed(0)} ms`, "–");
  const drawn = (more) =>
    cpu(async () => {
      const steps = proofExposure(scan, { ...placed, ...more }, { transformOf });
      let step = steps.next();
      while (!step.done) step = steps.next();
      if (!step.value.ok) throw new Error(step.value.error);
    });
  await drawn({ camera: CAMERA, projection: "straight" });
  const plain = await drawn({ camera: CAMERA });
  for (const projection of ["straight", "round", "even"]) {
    row(
      `densities, spread and unbending (${projection}), 24 Mpx: CPU`,
      `${(await drawn({ camera: CAN, projection })).toFixed(0)} ms`,
      "≤ 2 s",
    );
  }
  const sharpened = (await drawn({ camera: CAMERA, sharpen: true })) - plain;
  row("sharpening by the hole, 24 Mpx: CPU", `${sharpened.toFixed(0)} ms`, "≤ 6 s");
  const file = join(mkdtempSync(join(tmpdir(), "still-box-bench-")), "large.png");
  for (const kind of ["grey", "colour"]) {
    const large = (what) =>
      execFileSync(process.execPath, ["bench/largeScan.mjs", what, kind, file], { encoding: "utf8" });
    large("make");
    row(`100 Mpx in ${kind}, opened, judged, drawn: memory of the process`, large("open").trim(), "< 2 GB");
  }
}

function cornersOf(border) {
  return [
    [border, border],
    [WIDTH - border, border],
    [WIDTH - border, HEIGHT - border],
    [border, HEIGHT - border],
  ];
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await proofFigures();
