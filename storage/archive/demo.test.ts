import "fake-indexeddb/auto";
import { thistleRow } from "../../catalogue/demo/thistleRow.ts";
import type { Negative } from "../../core/document/index.ts";
import { exposureRow, openDb, type StillBoxDb } from "../engine/db.ts";
import { addDemo, addDemoScans, type Demo, demoState, putDemoAway, takeDemoBack } from "./demo.ts";

const SUM = "a".repeat(64);
const [shot] = thistleRow.exposures;
const scan = { id: "thistle-negative-1", exposureId: shot?.id, picture: SUM, settings: {} } as unknown as Negative;
const demo: Demo = {
  ...(JSON.parse(JSON.stringify(thistleRow)) as Demo),
  negatives: [scan],
  pictures: [{ sha256: SUM, name: "beans.jpg", type: "image/jpeg", file: "beans.jpg" }],
};
const PICTURE = new Blob([Uint8Array.of(1, 2, 3)]);

let db: StillBoxDb;
beforeEach(async () => {
  db = openDb("demo-test");
  await db.open();
});
afterEach(() => db.delete());

const counted = () =>
  Promise.all(["cameras", "exposures", "loads", "negatives", "pictures"].map((name) => db.table(name).count()));
const whole = [thistleRow.cameras.length, thistleRow.exposures.length, thistleRow.loads.length, 1, 1];

test("records come first, a scan and what was made of it once the scan is there; stopped in between it goes on", async () => {
  expect(await demoState(db)).toBeNull();
  expect(await addDemo(demo, db)).toBe(true);
  expect(await counted()).toEqual([...whole.slice(0, 3), 0, 0]);
  await addDemoScans(demo, async () => null, db);
  expect((await db.settings.get("demoScans"))?.value).toBe("wanted");
  await addDemoScans(demo, async () => PICTURE, db);
  expect(await counted()).toEqual(whole);
  expect((await db.settings.get("demoScans"))?.value).toBe("there");
  expect(await demoState(db)).toBe("here");
});

test("put away, nothing of it is left; taken back, or brought once more, it is all there", async () => {
  await addDemo(demo, db);
  await addDemoScans(demo, async () => PICTURE, db);
  const away = await putDemoAway(demo, db);
  expect(await counted()).toEqual([0, 0, 0, 0, 0]);
  expect(await demoState(db)).toBe("gone");
  if (!away.ok) throw new Error(away.error.message);
  await takeDemoBack(away.value, db);
  expect(await counted()).toEqual(whole);
  await putDemoAway(demo, db);
  await addDemo(demo, db);
  await addDemoScans(demo, async () => PICTURE, db);
  expect(await counted()).toEqual(whole);
});

test("what the maker made or changed stays, with all that it speaks of and nothing more", async () => {
  await addDemo(demo, db);
  await addDemoScans(demo, async () => PICTURE, db);
  // A shot of one's own with a lent camera, and a lent negative that was worked on.
  const [tin, cocoa] = demo.cameras;
  if (shot === undefined || cocoa === undefined) throw new Error("no demonstration");
  await db.exposures.add(exposureRow({ ...shot, id: "own", cameraId: cocoa.id, cameraName: cocoa.name }));
  await db.table("negatives").update(scan.id, { name: "better" });
  expect((await putDemoAway(demo, db)).ok).toBe(true);
  expect((await db.cameras.toCollection().primaryKeys()).sort()).toEqual([tin?.id, cocoa?.id].sort());
  expect((await db.exposures.toCollection().primaryKeys()).sort()).toEqual(["own", shot?.id].sort());
  expect(await counted()).toEqual([2, 2, 0, 1, 1]);
});

test("scans that are still on their way do not come after it was put away", async () => {
  await addDemo(demo, db);
  await addDemoScans(
    demo,
    async () => {
      await putDemoAway(demo, db);
      return PICTURE;
    },
    db,
  );
  expect(await counted()).toEqual([0, 0, 0, 0, 0]);
});

test("a hole that is open keeps its camera, though nothing is logged yet", async () => {
  await addDemo(demo, db);
  const [, cocoa] = demo.cameras;
  await db.counts.add({ id: "open", cameraId: String(cocoa?.id), openedMs: 1, closedMs: null } as never);
  expect((await putDemoAway(demo, db)).ok).toBe(true);
  expect(await db.cameras.toCollection().primaryKeys()).toEqual([cocoa?.id]);
});
