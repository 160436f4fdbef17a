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
await onStage(4690, async (browser, address) => {
  await firstLoad(browser, address);
  for (const id of ["thistle-biscuit-tin", "thistle-cocoa-tin"]) await edits(browser, address, id);
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
async function edits(browser, address, id) {
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
  row(
    `Bench edit → readings, verdicts, drawing, ${id.replace("thistle-", "")}: median`,
    `${quantile(times, 0.5).toFixed(1)} ms`,
    "-",
  );
  row(
    `Bench edit → readings, verdicts, drawing, ${id.replace("thistle-", "")}: p95`,
    `${quantile(times, 0.95).toFixed(1)} ms`,
    "≤ 16 ms",
  );
  await context.close();
}
