import "fake-indexeddb/auto";
import { liveQuery } from "dexie";
import type { StillBoxDb } from "../engine/db.ts";
import { listCameras, noteSaved } from "../index.ts";
import { demoDb } from "../testing.ts";
import { readThreadOf, readThreads } from "./threads.ts";

let db: StillBoxDb;
beforeEach(async () => {
  db = await demoDb();
});
afterEach(() => db.delete());

const threadsNow = async () => readThreads((await listCameras(db)).cameras, db);

test("every camera of the demonstration has its thread, told from its own records alone", async () => {
  const { cameras } = await listCameras(db);
  const threads = await threadsNow();
  expect(threads.size).toBe(cameras.length);
  for (const [id, { next, stations }] of threads) {
    expect(next.cameraId).toBe(id);
    expect(stations.length).toBeGreaterThan(5);
  }
  expect(threads.get("thistle-canister-one")?.next.name).toBe("expose");
});

test("a scan, a judgement and a saved positive move the thread on", async () => {
  const [shot] = (await db.exposures.where("cameraId").equals("thistle-hat-box").toArray()).filter(
    ({ spoilt }) => !spoilt,
  );
  const at = "2026-11-30T10:00:00+00:00";
  const next = async () => (await threadsNow()).get("thistle-hat-box")?.next;
  const id = shot?.id as string;
  await db.exposures.update(id, { developed: { developmentId: "d", at }, judged: null });
  expect(await next()).toMatchObject({ name: "scan", id });

  await db.table("negatives").put({
    id: "n",
    exposureId: id,
    picture: "0".repeat(64),
    settings: { medium: { least: 0.05, most: 2.05, range: 110, iso: 6 }, sheet: { width: 127, height: 101.6 } },
  });
  const found = await next();
  expect(found).toMatchObject({ name: "judge", id: "n" });
  await db.exposures.update(id, { judged: { correction: 0, by: "words", at } });
  expect(await next()).toMatchObject({ name: "print", id: "n" });
  await noteSaved(["n"], at, db);
  expect((await next())?.name).toBe("load");
});

test("an open hole is that of its own camera alone", async () => {
  const words = { subject: "", note: "" };
  const count = { id: "o", cameraId: "thistle-hat-box", openedMs: 1, closedMs: null, pauses: [], targetSeconds: 60 };
  await db.counts.put({ ...count, medium: "rc-graded", iso: 6, fNumber: 500, light: "Full sun", words });
  const open = [...(await threadsNow())].filter(([, { next }]) => next.name === "close").map(([id]) => id);
  expect(open).toEqual(["thistle-hat-box"]);
});

test.each([
  [
    "a load",
    "loads",
    {
      id: "l",
      cameraId: "thistle-biscuit-tin",
      at: "2026-11-30T10:00:00Z",
      places: [{ place: "1", medium: "rc-graded", iso: 6 }],
    },
  ],
  ["a sheet in the baths", "developments", { id: "d", at: "2026-11-30T10:00:00Z" }],
])("who follows the threads sees %s that comes later", async (_, table, row) => {
  let times = 0;
  let wake = (): void => {};
  const following = liveQuery(() => readThreadOf("thistle-biscuit-tin", db)).subscribe(() => {
    times++;
    wake();
  });
  const told = (more: number) =>
    new Promise<void>((resolve) => {
      wake = () => times >= more && resolve();
      wake();
    });
  await told(1);
  const before = times;
  await db.table(table).put(row);
  await told(before + 1);
  following.unsubscribe();
});
