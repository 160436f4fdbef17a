// Prints the figures of DESIGN's bars that exist so far. Needs a build (`npm run build`) and Chromium.
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { gzipSync } from "node:zlib";
import { build } from "esbuild";
import { onStage } from "../scripts/stage.mjs";

const quantile = (values, share) => [...values].sort((a, b) => a - b)[Math.floor(share * (values.length - 1))];
const row = (what, figure, bar) => console.log(`${what.padEnd(58)} ${figure.padStart(18)}   bar ${bar}`);

await solveFigures();
await finderFigures();
await holeFigures();
await cutSheetFigures();
if (!process.argv.includes("--no-browser"))
  await onStage(4690, async (browser, address) => {
    await firstLoad(browser, address);
    // Once before measuring: the first round in a new browser compiles the code.
    await edits(browser, address, "thistle-biscuit-tin", false);
    for (const id of ["thistle-biscuit-tin", "thistle-cocoa-tin", "thistle-feed-drum"])
      await edits(browser, address, id);
    for (const id of ["thistle-biscuit-tin", "thistle-cocoa-tin"]) await preview(browser, address, id);
  });

async function solveFigures() {
  const out = join(mkdtempSync(join(tmpdir(), "still-box-bench-")), "solve.mjs");
  await build({
    entryPoints: ["core/solve/index.ts"],
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

async function bundled(name, source) {
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

async function holeFigures() {
  const { holeInFile, measureHole, scanPlate, scanToTiff, scanToPng, ROUND, CLEAN, chance } = await bundled(
    "hole",
    `export { measureHole } from "./core/holeScan/index.ts";
     export { scanPlate } from "./core/scanner/index.ts";
     export { ROUND, CLEAN } from "./core/testing/scans.ts";
     export { chance } from "./core/testing/chance.ts";
     export { holeInFile } from "./workers/hole.ts";
     export { scanToTiff, scanToPng } from "./workers/writeScan.ts";`,
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
        await holeInFile({ bytes, dpi: null, at: null });
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
    `export { layOut, PAPERS, cutParts } from "./core/cutsheet/index.ts";
     export { cutOrder } from "./features/make/cutOrder.ts";
     export { cutsheetPdf } from "./workers/cutsheetPdf.ts";
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

async function finderFigures() {
  const out = join(mkdtempSync(join(tmpdir(), "still-box-bench-")), "finder.mjs");
  await build({
    stdin: {
      contents: `export { find } from "./core/finder/index.ts";
        export { thistleRow } from "./catalogue/demo/thistleRow.ts";
        export { formats } from "./catalogue/formats.ts";
        export { optimum } from "./core/hole/index.ts";`,
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

/** From a change of the exposure to the first picture and to the fine one, with what the main thread was blocked for. */
async function preview(browser, address, id) {
  const context = await browser.createBrowserContext();
  const page = await context.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(address, { waitUntil: "networkidle0" });
  await page.goto(`${address}/cameras/${id}`, { waitUntil: "networkidle0" });
  await page.evaluate(() => document.querySelector("[data-preview]").scrollIntoView());
  await page.waitForSelector('[data-preview="fine"]', { timeout: 60_000 });
  await new Promise((resolve) => setTimeout(resolve, 1500));
  const rounds = await page.evaluate(async () => {
    const seen = [];
    let blocked = 0;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) blocked = Math.max(blocked, duration);
    }).observe({ type: "longtask" });
    const canvas = () => document.querySelector("[data-preview-width]").dataset.previewWidth;
    const until = (right) =>
      new Promise((resolve) => {
        const look = () => (right() ? resolve(performance.now()) : setTimeout(look, 2));
        look();
      });
    const presses = ["Half", "Twice"];
    for (let i = 0; i < 8; i++) {
      blocked = 0;
      const button = [...document.querySelectorAll("button")].find(({ textContent }) => textContent === presses[i % 2]);
      const start = performance.now();
      button.click();
      const first = await until(() => canvas() === "320");
      const fine = await until(() => canvas() !== "320");
      await new Promise((resolve) => setTimeout(resolve, 400));
      seen.push({ first: first - start, fine: fine - start, blocked });
    }
    return seen.slice(1);
  });
  const name = id.replace("thistle-", "");
  const median = (key) =>
    quantile(
      rounds.map((round) => round[key]),
      0.5,
    ).toFixed(0);
  row(`preview, ${name}: first picture at 320 px, median`, `${median("first")} ms`, "≤ 150 ms");
  row(`preview, ${name}: fine at 1600 px, median`, `${median("fine")} ms`, "≤ 1000 ms");
  const worst = Math.max(...rounds.map(({ blocked }) => blocked));
  row(
    `preview, ${name}: longest task on the main thread`,
    worst === 0 ? "under 50 ms" : `${worst.toFixed(0)} ms`,
    "≤ 50 ms",
  );
  await context.close();
}

async function firstLoad(browser, address) {
  const paints = [];
  const shown = [];
  let scripts = 0;
  for (let visit = 0; visit < 5; visit++) {
    const context = await browser.createBrowserContext();
    const page = await context.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    const sizes = [];
    page.on("response", (response) => {
      if (response.request().resourceType() === "script")
        sizes.push(response.buffer().then((bytes) => gzipSync(bytes, { level: 9 }).length));
    });
    await page.evaluateOnNewDocument(() => {
      new MutationObserver(() => {
        if (document.querySelector("main li")) window.camerasShown ??= performance.now();
      }).observe(document, { childList: true, subtree: true });
      new PerformanceObserver((list) => {
        window.largestPaint = list.getEntries().at(-1)?.startTime;
      }).observe({ type: "largest-contentful-paint", buffered: true });
    });
    await page.goto(address, { waitUntil: "networkidle0" });
    await new Promise((resolve) => setTimeout(resolve, 300));
    shown.push(await page.evaluate(() => window.camerasShown));
    paints.push(await page.evaluate(() => window.largestPaint));
    scripts = (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0);
    await context.close();
  }
  row("first load of the Shelf: script, gzip -9", `${(scripts / 1000).toFixed(1)} kB`, "≤ 180 kB");
  row(
    "first load of the Shelf: largest contentful paint, median",
    `${quantile(paints, 0.5).toFixed(0)} ms`,
    "≤ 1000 ms",
  );
  row("first load: the cameras stand on the Shelf, median", `${quantile(shown, 0.5).toFixed(0)} ms`, "-");
}

/** A key on a handle → state, solve, verdicts, drawing, all readings in the DOM, styles and layout done. The two tables below follow in a later task. */
async function edits(browser, address, id, told = true) {
  const context = await browser.createBrowserContext();
  const page = await context.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(address, { waitUntil: "networkidle0" });
  await page.goto(`${address}/cameras/${id}`, { waitUntil: "networkidle0" });
  await page.waitForSelector("[data-handle]");
  const times = await page.evaluate(async () => {
    const figure = () => document.querySelector('[data-reading="fNumber"] dd').textContent;
    const taken = [];
    for (let i = 0; i < 340; i++) {
      const handle = document.querySelector('[data-handle="far-wall"]');
      const key = Math.floor(i / 12) % 2 ? "ArrowLeft" : "ArrowRight";
      const before = figure();
      const start = performance.now();
      handle.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true }));
      // React flushes what a key changes before the next task; waiting for microtasks is enough.
      await null;
      document.body.getBoundingClientRect();
      document.querySelector("[data-drawing] svg").getBoundingClientRect();
      const end = performance.now();
      if (figure() === before) throw new Error("the readings did not follow");
      taken.push(end - start);
      await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 4)));
    }
    return taken.slice(40);
  });
  const name = id.replace("thistle-", "");
  if (told) {
    row(`Bench edit → readings, verdicts, drawing, ${name}: median`, `${quantile(times, 0.5).toFixed(1)} ms`, "-");
    row(`Bench edit → readings, verdicts, drawing, ${name}: p95`, `${quantile(times, 0.95).toFixed(1)} ms`, "≤ 16 ms");
  }
  await context.close();
}
