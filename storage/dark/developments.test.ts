import "fake-indexeddb/auto";
import { type Bottle, borneBy } from "../../core/document/index.ts";
import { openDb, type StillBoxDb } from "../engine/db.ts";
import { getRecord, saveRecord } from "../engine/records.ts";
import { listExposures } from "../exposures/exposures.ts";
import { COUNTED, LATER, NOW, saveShot, trayShot } from "../testing.ts";
import { finishDevelopment, runningDevelopments, takeBackFinish } from "./developments.ts";
import { standsOpen } from "./standsOpen.ts";

let db: StillBoxDb;
let count = 0;

beforeEach(() => {
  db = openDb(`sheets-${++count}`);
});
afterEach(() => db.delete());

test("a developed sheet stands with its shot, its bottles have borne it once, and all of it can be taken back", async () => {
  await saveShot(trayShot("s"), db);
  const bottle = { id: "b", name: "Dev", chemical: "developer", water: 9, volumeMl: 500, mixedAt: NOW } as const;
  await saveRecord("bottles", { ...bottle, usedCm2: 100 }, db);
  const step = {
    id: "dev",
    name: "Developer",
    bath: "developer",
    seconds: 60,
    planned: 60,
    from: 0,
    lamp: "red",
  } as const;
  const running = {
    id: "d",
    recipeId: "trays",
    at: LATER,
    exposureIds: ["s", "gone"],
    steps: [{ ...step, real: null }],
    startedMs: Date.parse(LATER),
    movesMs: [],
    areaCm2: 129,
    bottleIds: ["b", "gone"],
    finishedAt: null,
  };
  await saveRecord("developments", running, db);
  const now = Date.parse(LATER) + 60_000;
  expect((await runningDevelopments(db)).map(({ id }) => id)).toEqual(["d"]);
  // A wash that was left for three days is asked about, and so is a hole.
  await db.counts.put({ ...COUNTED, id: "c", openedMs: running.startedMs });
  expect(await standsOpen(now, db)).toEqual({ counts: [], sheets: [] });
  expect(await standsOpen(now + 3 * 86_400_000, db)).toMatchObject({ counts: [{ id: "c" }], sheets: [{ id: "d" }] });
  const developed = { developmentId: "d", at: LATER, recipe: "RC paper in trays", seconds: 64, celsius: 20 };
  const whole = {
    ...running,
    steps: [{ ...step, real: 64 }],
    movesMs: [running.startedMs + 64_000],
    finishedAt: LATER,
  };
  const done = await finishDevelopment(whole, developed, db);
  await finishDevelopment(whole, developed, db);
  expect(await runningDevelopments(db)).toEqual([]);
  expect((await listExposures(null, db))[0]?.developed).toEqual(developed);
  const borne = async (): Promise<number> => borneBy((await getRecord("bottles", "b", db)) as Bottle);
  expect(await borne()).toBe(229);
  // A second sheet goes through after it; taking the first back leaves the second where it went.
  const second = { ...whole, id: "e", exposureIds: [], areaCm2: 50 };
  await finishDevelopment(second, { ...developed, developmentId: "e" }, db);
  expect(await borne()).toBe(279);
  if (done.ok) await takeBackFinish(running, done.value, db);
  expect((await listExposures(null, db))[0]?.developed).toBeNull();
  expect(await borne()).toBe(150);
  expect((await runningDevelopments(db)).map(({ id }) => id)).toEqual(["d"]);
});
