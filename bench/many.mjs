// What a long life with the app costs: every place opened over thousands of records, beside the same over none.
import { row } from "./report.mjs";
import { threadTime, visitor, yardstickLoop } from "./visitor.mjs";

const MANY = { developments: 10_000, bottles: 3_000, packs: 5_000, negatives: 2_000 };
const PLACES = [
  "/",
  "/dark",
  "/dark/trays",
  "/dark/strips",
  "/dark/bottles",
  "/field",
  "/log",
  "/stock",
  "/proof",
  "/proof/judge",
  "/proof/hang",
  "/sun",
];

/** Main-thread script of each place as it opens, with many records and with none of these. */
export async function manyFigures(browser, address) {
  const { context, page } = await visitor(browser, address, "/");
  const script = await threadTime(page, "ScriptDuration");
  const costs = async () => {
    const found = new Map();
    for (const place of PLACES) {
      const taken = [];
      for (let i = 0; i < 3; i++) {
        await page.goto("about:blank");
        const before = await script();
        await page.goto(address + place, { waitUntil: "networkidle0" });
        taken.push((await script()) - before);
      }
      found.set(place, Math.min(...taken));
    }
    return found;
  };
  // Once before measuring: the first round compiles the code.
  await costs();
  const few = await costs();
  await page.goto(address, { waitUntil: "networkidle0" });
  await page.evaluate(fill, MANY);
  const many = await costs();
  const work = await threadTime(page);
  const before = await work();
  await page.evaluate(yardstickLoop);
  row("yardstick loop, main thread", `${((await work()) - before).toFixed(1)} ms`, "");
  for (const place of PLACES) {
    const [alone, full] = [few.get(place), many.get(place)];
    row(
      `${place} over many records: script more than over few (few ${alone.toFixed(0)} ms)`,
      `${(full - alone).toFixed(0)} ms`,
      "≤ 300 ms",
    );
  }
  await context.close();
}

/** Writes the records. It runs in the page. */
async function fill({ developments, bottles, packs, negatives }) {
  const db = await new Promise((resolve, reject) => {
    const request = indexedDB.open("still-box");
    request.onsuccess = () => resolve(request.result);
    request.onerror = reject;
  });
  const names = ["developments", "bottles", "packs", "negatives"];
  const write = db.transaction(names, "readwrite");
  const day = (k) => new Date(Date.UTC(2016, 0, 1) + k * 7_200_000).toISOString();
  const step = { id: "dev", name: "Developer", bath: "developer", seconds: 60, planned: 60, from: 0, lamp: "red" };
  for (let k = 0; k < developments; k++) {
    write.objectStore("developments").put({
      id: `many-d-${k}`,
      recipeId: "trays",
      at: day(k),
      exposureIds: [],
      steps: ["dev", "stop", "fix", "wash"].map((id) => ({ ...step, id, real: 60 })),
      startedMs: Date.parse(day(k)),
      movesMs: [1, 2, 3, 4].map((n) => Date.parse(day(k)) + n * 60_000),
      finishedAt: day(k),
    });
  }
  for (let k = 0; k < bottles; k++) {
    write.objectStore("bottles").put({
      id: `many-b-${k}`,
      name: `Developer of day ${k}`,
      chemical: ["developer", "stop", "fixer"][k % 3],
      water: 9,
      volumeMl: 500,
      mixedAt: day(k),
      usedCm2: 100,
      clips: [],
      emptiedAt: null,
    });
  }
  for (let k = 0; k < packs; k++) {
    write
      .objectStore("packs")
      .put({ id: `many-p-${k}`, medium: "rc-graded", size: "5×7 in", bought: 25, left: k % 25 });
  }
  for (let k = 0; k < negatives; k++) {
    write.objectStore("negatives").put({
      id: `many-n-${k}`,
      at: day(k),
      picture: k.toString(16).padStart(64, "0"),
      settings: { sheet: { width: 127, height: 177.8 }, medium: { least: 0.05, most: 2.05, range: 110, iso: 6 } },
    });
  }
  await new Promise((resolve, reject) => {
    write.oncomplete = resolve;
    write.onerror = reject;
  });
  db.close();
}
