// Ten thousand shots and three hundred cameras: what it takes to open each place, and to edit.
import { quantile, row } from "./report.mjs";

const CAMERAS = 300;
const SHOTS = 10_000;
const ROUNDS = 24;

/** Fills the database of this page from the demonstration: the same every time. */
async function fill(cameras, shots) {
  const demo = await (await fetch("/api/demo")).json();
  const db = await new Promise((resolve, reject) => {
    const open = indexedDB.open("still-box");
    open.onsuccess = () => resolve(open.result);
    open.onerror = () => reject(open.error);
  });
  const work = db.transaction(["cameras", "exposures"], "readwrite");
  const day = 86_400_000;
  for (let i = 0; i < cameras; i++) {
    const camera = demo.cameras[i % demo.cameras.length];
    const createdAt = new Date(Date.UTC(2026, 0, 1) + i * 3_600_000).toISOString();
    work.objectStore("cameras").put({ ...camera, id: `many-${i}`, name: `${camera.name} ${i}`, createdAt });
  }
  for (let i = 0; i < shots; i++) {
    const shot = demo.exposures[i % demo.exposures.length];
    const openedMs = Date.UTC(2020, 0, 1) + ((i * 7919) % 2400) * day + i;
    const openedAt = new Date(openedMs).toISOString();
    work
      .objectStore("exposures")
      .put({ ...shot, id: `shot-${i}`, cameraId: `many-${i % cameras}`, openedAt, openedMs });
  }
  await new Promise((resolve) => {
    work.oncomplete = resolve;
  });
  db.close();
}

/** Places, how one gets there within the app, and what stands there then. */
const PLACES = [
  ["Shelf", "/", "main li a[href^='/cameras/']"],
  ["Log", "/log", "[data-log] li"],
  ["Field", "/field", "[data-sum]"],
  ["Method", "/method", "main table"],
  ["Bench", "/cameras/many-150", "[data-handle]"],
  ["Make", "/cameras/many-150/make", "[data-page] svg"],
  ["Dark", "/dark", "[data-filled]"],
  ["Trays", "/dark/trays", "[data-plan]"],
];

/** Script and layout time of the main thread so far, ms. */
async function busy(page) {
  const { ScriptDuration, LayoutDuration, RecalcStyleDuration, TaskDuration } = await page.metrics();
  return { script: 1000 * (ScriptDuration + LayoutDuration + RecalcStyleDuration), task: 1000 * TaskDuration };
}

/** Goes to a place by the router, as a link does. */
async function goes(page, path, there) {
  const before = await busy(page);
  const wall = await page.evaluate(
    async (to, what) => {
      for (const element of document.querySelectorAll(what)) element.dataset.old = "";
      const start = performance.now();
      window.__reactRouterDataRouter.navigate(to);
      while (document.querySelector(`${what}:not([data-old])`) === null) {
        await new Promise((resolve) => setTimeout(resolve, 4));
      }
      return performance.now() - start;
    },
    path,
    there,
  );
  await new Promise((resolve) => setTimeout(resolve, 300));
  const after = await busy(page);
  return { wall, script: after.script - before.script, task: after.task - before.task };
}

/** Script time of one edit on the Bench, until it is stored and has come back, ms: the mean of many. */
async function edit(page, address, id) {
  await page.goto(`${address}/cameras/${id}`, { waitUntil: "networkidle0" });
  await page.$eval('[data-handle="far-wall"]', (handle) => handle.focus());
  const press = async (key) => {
    await page.keyboard.press(key);
    await page.waitForSelector("[data-save=saved]");
    await new Promise((resolve) => setTimeout(resolve, 400));
  };
  for (const key of ["ArrowRight", "ArrowLeft"]) await press(key);
  const before = await busy(page);
  for (let i = 0; i < 20; i++) await press(i % 2 === 0 ? "ArrowRight" : "ArrowLeft");
  return ((await busy(page)).script - before.script) / 20;
}

/** Opening of places with a full house, edits there, and the memory after many rounds. */
export async function bigArchive(browser, address) {
  const context = await browser.createBrowserContext();
  const page = await context.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(address, { waitUntil: "networkidle0" });
  const few = await edit(page, address, "thistle-biscuit-tin");
  await page.evaluate(fill, CAMERAS, SHOTS);
  const many = await edit(page, address, "thistle-biscuit-tin");
  row(
    `an edit, stored and back: with 5 cameras, with ${CAMERAS}`,
    `${few.toFixed(1)}, ${many.toFixed(1)} ms`,
    "the same",
  );
  await page.goto(`${address}/method`, { waitUntil: "networkidle0" });
  const figures = new Map(PLACES.map(([name]) => [name, []]));
  const heaps = [];
  for (let round = 0; round < ROUNDS; round++) {
    for (const [name, path, there] of PLACES) figures.get(name).push(await goes(page, path, there));
    const session = await page.createCDPSession();
    await session.send("HeapProfiler.collectGarbage");
    await session.detach();
    heaps.push((await page.metrics()).JSHeapUsedSize / 2 ** 20);
  }
  for (const [name, all] of figures) {
    const of = (what) =>
      quantile(
        all.slice(1).map((each) => each[what]),
        0.5,
      ).toFixed(0);
    row(
      `${CAMERAS} cameras, ${SHOTS} shots: ${name}, script and layout`,
      `${of("script")} ms`,
      `≤ 300 ms (shown after ${of("wall")})`,
    );
  }
  row(
    `memory after 2, ${ROUNDS / 2} and ${ROUNDS} rounds`,
    [2, ROUNDS / 2, ROUNDS].map((n) => heaps[n - 1].toFixed(0)).join(", "),
    "flat (MiB)",
  );
  await context.close();
}
