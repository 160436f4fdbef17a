// Figures of the running app, measured in the browser.
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import { bundled } from "./core.mjs";
import { quantile, row } from "./report.mjs";
import { threadTime, visitor, yardstickLoop } from "./visitor.mjs";

/** First load, edits on the Bench, preview, cut sheets and holes in their workers. */
export async function browserFigures(browser, address) {
  await firstLoad(browser, address);
  // Once before measuring: the first round in a new browser compiles the code.
  await edits(browser, address, "thistle-biscuit-tin", false);
  for (const id of ["thistle-biscuit-tin", "thistle-cocoa-tin", "thistle-feed-drum"]) await edits(browser, address, id);
  for (const id of ["thistle-biscuit-tin", "thistle-cocoa-tin"]) await preview(browser, address, id);
  await cutSheet(browser, address, "thistle-hat-box");
  await holes(browser, address);
  await photographs(browser, address);
  await practice(browser, address);
}

/** Frames of the developing sheet while it comes up: how many the worker gives, and what each costs the main thread. */
async function practice(browser, address) {
  const { context, page } = await visitor(browser, address, "/dark/practice");
  await page.waitForFunction(() => Number(document.querySelector("[data-practice-sheet]")?.dataset.frames) > 0);
  const frames = () => page.$eval("[data-practice-sheet]", (sheet) => Number(sheet.dataset.frames));
  await page.evaluate(() =>
    [...document.querySelectorAll("button")].find((b) => b.textContent === "Developer").click(),
  );
  await new Promise((resolve) => setTimeout(resolve, 2000));
  const [before, begun, { ScriptDuration: from }] = [await frames(), Date.now(), await page.metrics()];
  await new Promise((resolve) => setTimeout(resolve, 8000));
  const [after, { ScriptDuration: to }] = [await frames(), await page.metrics()];
  const seconds = (Date.now() - begun) / 1000;
  const size = await page.$eval("[data-practice-sheet]", ({ width, height }) => `${width}×${height}`);
  row(`developing sheet, ${size}, in the worker`, `${((after - before) / seconds).toFixed(0)} frames/s`, "≥ 30");
  row(
    "developing sheet: main-thread script a frame",
    `${((1000 * (to - from)) / (after - before)).toFixed(1)} ms`,
    "≤ 16 ms",
  );
  await context.close();
}

/** From the press to the PDF, and from another paper to its page on the screen. */
async function cutSheet(browser, address, id) {
  const { context, page } = await visitor(browser, address, `/cameras/${id}/make`);
  const { pdfs, papers, pages } = await page.evaluate(async () => {
    const button = (words) =>
      [...document.querySelectorAll("button, label")].find((each) => each.textContent.trim() === words);
    const until = (right) =>
      new Promise((resolve) => {
        const look = () => (right() ? resolve(performance.now()) : setTimeout(look, 2));
        look();
      });
    const pdfs = [];
    for (let i = 0; i < 5; i++) {
      const start = performance.now();
      button("PDF, all pages").click();
      await until(() => button("Drawing…"));
      pdfs.push((await until(() => button("PDF, all pages"))) - start);
    }
    const papers = [];
    for (let i = 0; i < 10; i++) {
      const box = () => document.querySelector("[data-page] svg").getAttribute("viewBox");
      const before = box();
      const start = performance.now();
      button(i % 2 ? "A4" : "Letter").click();
      const changed = await until(() => box() !== before);
      document.body.getBoundingClientRect();
      papers.push(changed - start);
    }
    return { pdfs, papers, pages: document.querySelectorAll('nav[aria-label="Pages"] button').length };
  });
  const name = id.replace("thistle-", "");
  row(`cut-sheet PDF in the worker, ${name}, ${pages} pages: first`, `${pdfs[0].toFixed(0)} ms`, "≤ 1.5 s");
  row(`cut-sheet PDF in the worker, ${name}: median of 5`, `${quantile(pdfs, 0.5).toFixed(0)} ms`, "≤ 1.5 s");
  row(`page preview after another paper, ${name}: median`, `${quantile(papers, 0.5).toFixed(0)} ms`, "≤ 300 ms");
  await context.close();
}

/** From a file's being chosen to its hole's figures on the screen: reading, unpacking and measuring in the worker. */
async function holes(browser, address) {
  const { scanPlate, scanToTiff, scanToPng, ROUND, CLEAN, chance } = await bundled(
    "scans",
    `export { scanPlate } from "./core/simulate/flatbed/index.ts";
     export { ROUND, CLEAN } from "./core/testing/scans.ts";
     export { chance } from "../core/basis/numeric/chance.ts";
     export { scanToTiff, scanToPng } from "./workers/codecs/write/writeScan.ts";`,
  );
  const folder = mkdtempSync(join(tmpdir(), "still-box-bench-"));
  const { context, page } = await visitor(browser, address, "/cameras/thistle-cocoa-tin/make/hole");
  // Places for files wait for a sign of somebody.
  await page.keyboard.press("Shift");
  const entry = await page.waitForSelector('input[type="file"][aria-label="Picture of a hole"]');
  for (const bits of [8, 16]) {
    const settings = { ...CLEAN, bits, noise: 0.02, width: 4000, height: 4000, at: { x: 2500.3, y: 1300.8 } };
    const picture = scanPlate({ ...ROUND, diameter: 0.3 }, settings, chance(7));
    for (const [kind, bytes] of [
      ["TIFF", scanToTiff(picture, 4800)],
      ["PNG", scanToPng(picture, 4800)],
    ]) {
      const file = join(folder, `plate-${bits}.${kind === "TIFF" ? "tif" : "png"}`);
      writeFileSync(file, bytes);
      const times = [];
      for (let i = 0; i < 4; i++) {
        const done = page.evaluate(
          () =>
            new Promise((resolve) => {
              const chosen = (event) => {
                if (event.target.type !== "file") return;
                document.removeEventListener("change", chosen, true);
                const start = performance.now();
                let begun = false;
                const look = () => {
                  const outcome = document.querySelector("[data-outcome]")?.dataset.outcome;
                  begun ||= outcome === "measuring";
                  if (begun && outcome !== "measuring") resolve(performance.now() - start);
                  else setTimeout(look, 2);
                };
                look();
              };
              document.addEventListener("change", chosen, true);
            }),
        );
        // As the picker does: the same file is chosen anew.
        await entry.evaluate((element) => {
          element.value = "";
        });
        await entry.uploadFile(file);
        times.push(await done);
      }
      row(
        `hole in the worker, 16 Mpx, ${bits} bits, ${kind}: median of 4`,
        `${quantile(times, 0.5).toFixed(0)} ms`,
        "≤ 1 s",
      );
    }
  }
  await context.close();
}

/** A photograph of 12 Mpx, from its being chosen to the light on the screen. */
async function photographs(browser, address) {
  const { default: sharp } = await import("sharp");
  const folder = mkdtempSync(join(tmpdir(), "still-box-bench-"));
  const file = join(folder, "plot.jpg");
  const noise = Buffer.from(Array.from({ length: 400 * 300 * 3 }, (_, i) => (i * 7919) % 200));
  await sharp(noise, { raw: { width: 400, height: 300, channels: 3 } })
    .resize(4000, 3000)
    .withExif({
      IFD0: { Model: "Plot phone" },
      IFD2: { FNumber: "18/10", ExposureTime: "1/1000", ISOSpeedRatings: "50" },
    })
    .jpeg({ quality: 90 })
    .toFile(file);
  const { context, page } = await visitor(browser, address, "/field?camera=thistle-biscuit-tin");
  await page.evaluate(() => {
    [...document.querySelectorAll("[role=radio]")].find((way) => way.textContent === "Photograph").click();
  });
  const entry = await page.waitForSelector('input[type="file"][aria-label="Photograph to meter by"]');
  const times = [];
  for (let i = 0; i < 6; i++) {
    await page.evaluate(() => {
      document.addEventListener("change", () => performance.mark("chosen"), { capture: true, once: true });
      const frame = document.querySelector("[data-photograph]");
      let reading = false;
      new MutationObserver((_, watch) => {
        reading ||= frame.textContent.includes("Reading it");
        if (!reading || frame.textContent.includes("Reading it")) return;
        performance.mark("read");
        watch.disconnect();
      }).observe(frame, { subtree: true, childList: true, characterData: true, attributes: true });
    });
    await entry.uploadFile(file);
    await page.waitForFunction(() => performance.getEntriesByName("read").length > 0, { polling: 20 });
    times.push(
      await page.evaluate(() => {
        const time = performance.measure("metered", "chosen", "read").duration;
        performance.clearMarks();
        return time;
      }),
    );
  }
  row("a photograph of 12 Mpx metered in the worker, median of 6", `${quantile(times, 0.5).toFixed(0)} ms`, "≤ 300 ms");
  await context.close();
}

/** From a change of the exposure to the first picture and to the fine one, with what the main thread was blocked for. */
async function preview(browser, address, id) {
  const { context, page } = await visitor(browser, address, `/cameras/${id}?part=picture`);
  await page.waitForSelector('[data-large-picture="fine"] [data-preview-width="1600"]', { timeout: 60_000 });
  await new Promise((resolve) => setTimeout(resolve, 1500));
  const rounds = await page.evaluate(async () => {
    const seen = [];
    let blocked = 0;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) blocked = Math.max(blocked, duration);
    }).observe({ type: "longtask" });
    const canvas = () => document.querySelector("[data-large-picture] [data-preview-width]").dataset.previewWidth;
    const until = (right) =>
      new Promise((resolve) => {
        const look = () => (right() ? resolve(performance.now()) : setTimeout(look, 2));
        look();
      });
    const presses = ["Half the time", "Twice"];
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
  row("first load of the Shelf: script, gzip -9", `${(scripts / 1000).toFixed(1)} kB`, "≤ 170 kB");
  row(
    "first load of the Shelf: largest contentful paint, median",
    `${quantile(paints, 0.5).toFixed(0)} ms`,
    "≤ 1000 ms",
  );
  row("first load: the cameras stand on the Shelf, median", `${quantile(shown, 0.5).toFixed(0)} ms`, "-");
}

/**
 * A key on a handle → state, solve, verdicts, drawing, all readings in the DOM, styles and layout done: script time of the
 * main thread by the browser's own task metrics (its processor time), beside a fixed numeric loop measured likewise.
 */
async function edits(browser, address, id, told = true) {
  const { context, page } = await visitor(browser, address, `/cameras/${id}`);
  await page.waitForSelector("[data-handle]");
  const scriptMs = await threadTime(page, "ScriptDuration");
  const taken = [];
  const yardstick = [];
  for (let i = 0; i < 240; i++) {
    const before = await scriptMs();
    const key = Math.floor(i / 12) % 2 ? "ArrowLeft" : "ArrowRight";
    await page.evaluate(async (key) => {
      const figure = () => document.querySelector('[data-reading="fNumber"] dd').textContent;
      const old = figure();
      const handle = document.querySelector('[data-handle="far-wall"]');
      handle.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true }));
      // React flushes what a key changes before the next task; waiting for microtasks is enough.
      await null;
      document.body.getBoundingClientRect();
      if (figure() === old) throw new Error("the readings did not follow");
    }, key);
    const after = await scriptMs();
    if (i >= 40) taken.push(after - before);
    if (i % 12 === 0) {
      await page.evaluate(yardstickLoop);
      yardstick.push((await scriptMs()) - after);
    }
    await new Promise((resolve) => setTimeout(resolve, 8));
  }
  const name = id.replace("thistle-", "");
  if (told) {
    const loop = quantile(yardstick, 0.5);
    row(`Bench edit, ${name}: script, median`, `${quantile(taken, 0.5).toFixed(1)} ms`, "≤ 8 ms");
    row(`Bench edit, ${name}: script, p95`, `${quantile(taken, 0.95).toFixed(1)} ms`, "≤ 16 ms");
    row("yardstick beside it: a million square roots", `${loop.toFixed(1)} ms`, "-");
  }
  await context.close();
}
