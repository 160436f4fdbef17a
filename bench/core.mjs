// Figures of the core and of the workers' jobs, measured in Node.
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { inflateSync } from "node:zlib";
import { build } from "esbuild";
import { quantile, row } from "./report.mjs";

/** As the server does it. */
const inflate = async (zlib, most) => inflateSync(zlib, { maxOutputLength: most });

/** Solve, finder, holes from pictures, cut sheets. */
export async function coreFigures() {
  await solveFigures();
  await finderFigures();
  await holeFigures();
  await cutSheetFigures();
}

/** Some of the project's modules as one that Node can load. */
export async function bundled(name, source) {
  const out = join(mkdtempSync(join(tmpdir(), "still-box-bench-")), `${name}.mjs`);
  await build({
    stdin: { contents: source, resolveDir: process.cwd(), loader: "ts" },
    bundle: true,
    format: "esm",
    platform: "node",
    banner: {
      js: 'import { createRequire as requireFrom } from "node:module"; const require = requireFrom(import.meta.url);',
    },
    outfile: out,
    logLevel: "error",
  });
  return import(pathToFileURL(out));
}

async function solveFigures() {
  const out = join(mkdtempSync(join(tmpdir(), "still-box-bench-")), "solve.mjs");
  await build({
    entryPoints: ["core/light/solve/index.ts"],
    bundle: true,
    format: "esm",
    platform: "node",
    outfile: out,
    logLevel: "error",
  });
  const { solve } = await import(pathToFileURL(out));
  const times = [];
  for (let i = 0; i < 4000; i++) {
    const request = {
      hole: {
        diameter: 0.15 + 0.0007 * (i % 700),
        plateThickness: 0.1,
        openingDiameter: 6.35,
        wall: 1,
        x: i % 7,
        y: -(i % 5),
      },
      film: { distance: 30 + (i % 270), width: 127, height: 101.6, tiltY: i % 3 === 0 ? 10 : 0 },
      light: { wavelength: 440 + (i % 110), contrast: 0.06 + (i % 40) / 100, subjectDistance: i % 2 ? null : 600 },
    };
    const start = performance.now();
    solve(request);
    times.push(performance.now() - start);
  }
  const warm = times.slice(500);
  row("solve, one hole and sheet, contrast varied: median", `${quantile(warm, 0.5).toFixed(2)} ms`, "≤ 2 ms");
  row("solve: p95", `${quantile(warm, 0.95).toFixed(2)} ms`, "-");
  row("solve: very first call (builds its table)", `${times[0].toFixed(1)} ms`, "-");
}

async function finderFigures() {
  const out = join(mkdtempSync(join(tmpdir(), "still-box-bench-")), "finder.mjs");
  await build({
    stdin: {
      contents: `export { find } from "./core/bench/finder/index.ts";
        export { thistleRow } from "./catalogue/demo/thistleRow.ts";
        export { formats } from "./catalogue/formats.ts";
        export { optimum } from "./core/light/hole/index.ts";`,
      resolveDir: process.cwd(),
      loader: "ts",
    },
    bundle: true,
    format: "esm",
    platform: "node",
    outfile: out,
    logLevel: "error",
  });
  const { find, thistleRow, formats, optimum } = await import(pathToFileURL(out));
  const ideal = optimum(0.2, 0.95);
  for (const camera of thistleRow.cameras) {
    const question = {
      camera,
      light: { wavelengthNm: 440, iso: 6 },
      contrast: 0.2,
      ideal,
      stock: { formats, plates: [0.1, 0.05, 0.016, 0.25] },
      wish: { wide: 0.4, sharp: 0.6, fast: 0.2, even: 0.5, whole: 0.7, cheap: 0.1 },
      most: 10,
    };
    const start = performance.now();
    const { examined } = find(question);
    row(
      `finder, ${camera.name}: ${examined} layouts (bar ≥ 5000)`,
      `${(performance.now() - start).toFixed(0)} ms`,
      "≤ 300 ms",
    );
  }
}

async function holeFigures() {
  const { holeInFile, measureHole, scanPlate, scanToTiff, scanToPng, ROUND, CLEAN, chance } = await bundled(
    "hole",
    `export { measureHole } from "./core/make/holeScan/index.ts";
     export { scanPlate } from "./core/simulate/flatbed/index.ts";
     export { ROUND, CLEAN } from "./core/testing/scans.ts";
     export { chance } from "../core/basis/numeric/chance.ts";
     export { holeInFile } from "./workers/jobs/hole/holeJob.ts";
     export { scanToTiff, scanToPng } from "./workers/codecs/write/writeScan.ts";`,
  );
  const pixel = 25.4 / 4800;
  for (const [bits, diameter] of [
    [16, 0.3],
    [8, 0.3],
    [16, 3],
  ]) {
    const settings = { ...CLEAN, bits, noise: 0.02, width: 4000, height: 4000, at: { x: 2500.3, y: 1300.8 } };
    const picture = scanPlate({ ...ROUND, diameter }, settings, chance(7));
    const times = [];
    let found = 0;
    for (let i = 0; i < 5; i++) {
      const start = performance.now();
      const measured = measureHole({ picture, pixel, at: null });
      times.push(performance.now() - start);
      found = measured.ok ? measured.value.diameter * pixel : 0;
    }
    const what = `hole of ${diameter} mm, 16 Mpx, ${bits} bits, 4800 dpi: median of 5`;
    row(what, `${quantile(times, 0.5).toFixed(0)} ms`, "≤ 1 s");
    row("  its error", `${((found / diameter - 1) * 100).toFixed(2)} %`, "≤ max(2 %, 0.3 px)");
    if (diameter > 1) continue;
    for (const [name, bytes] of [
      ["TIFF", scanToTiff(picture, 4800)],
      ["PNG", scanToPng(picture, 4800)],
    ]) {
      const whole = [];
      for (let i = 0; i < 3; i++) {
        const start = performance.now();
        await holeInFile({ bytes, dpi: null, at: null }, { inflate });
        whole.push(performance.now() - start);
      }
      row(`  with unpacking the ${name}: median of 3`, `${quantile(whole, 0.5).toFixed(0)} ms`, "≤ 1 s");
    }
  }
}

/** Pages and PDF of every demonstration camera's cut sheet; the slowest counts. */
async function cutSheetFigures() {
  const { layOut, PAPERS, cutParts, cutOrder, cutsheetPdf, thistleRow } = await bundled(
    "cutsheet",
    `export { layOut, PAPERS, cutParts } from "./core/make/cutsheet/index.ts";
     export { cutOrder } from "./features/make/cutOrder.ts";
     export { cutsheetPdf } from "./workers/jobs/cutsheetPdf/cutsheetPdf.ts";
     export { thistleRow } from "./catalogue/demo/thistleRow.ts";`,
  );
  let [preview, pdf, pages] = [0, 0, 0];
  for (const camera of thistleRow.cameras) {
    const start = performance.now();
    const order = cutOrder(camera, (mm) => `${mm.toFixed(1)} mm`, `http://localhost:4600/cameras/${camera.id}`);
    const laid = layOut(cutParts(order), PAPERS[0], { camera: camera.name, date: "1 May 2026" });
    preview = Math.max(preview, performance.now() - start);
    const from = performance.now();
    await cutsheetPdf(
      { pages: laid, title: camera.name, createdAt: "2026-05-01T10:00:00Z" },
      { report() {}, cancelled: () => false },
    );
    const took = performance.now() - from;
    if (took > pdf) [pdf, pages] = [took, laid.length];
  }
  row("page preview of a cut sheet, slowest demo camera", `${preview.toFixed(0)} ms`, "≤ 300 ms");
  row(`cut-sheet PDF, slowest demo camera (${pages} pages)`, `${pdf.toFixed(0)} ms`, "≤ 1.5 s");
}
