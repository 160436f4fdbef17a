import "fake-indexeddb/auto";
import type { Meter } from "../../core/document/index.ts";
import { exportArchive } from "../archive/archiveFile.ts";
import { readPicture, savePicture } from "../negatives/pictures.ts";
import { filesOf, NOW, readArchive } from "../testing.ts";
import { openDb, type StillBoxDb } from "./db.ts";
import { doActs, getRecord, listRecords } from "./records.ts";

let db: StillBoxDb;
let count = 0;

beforeEach(() => {
  db = openDb(`records-${++count}`);
});
afterEach(() => db.delete());

test("what is done to a record is done to it as it is stored then; gone, it does not come back", async () => {
  const meter = { id: "m", name: "Phone", kind: "photograph", offset: 1 } as const;
  const one = (more: object) => (stored: Meter | null) => stored && { ...stored, ...more };
  expect(await doActs("meters", "m", [one({ offset: 2 })], db)).toEqual({ ok: true, value: null });
  await doActs("meters", "m", [(stored) => stored ?? meter], db);
  await doActs("meters", "m", [one({ offset: 2 }), one({ name: "Mine" })], db);
  expect(await getRecord("meters", "m", db)).toEqual({ ...meter, offset: 2, name: "Mine" });
  await doActs("meters", "m", [() => null], db);
  await doActs("meters", "m", [one({ offset: 3 })], db);
  expect(await listRecords("meters", db)).toEqual([]);
});

test("a photograph is kept once, byte for byte, and travels in the archive", async () => {
  const file = new File([Uint8Array.of(1, 2, 3)], "plot.jpg", { type: "image/jpeg" });
  const [one, two] = [await savePicture(file, db), await savePicture(file, db)];
  expect(one).toEqual(two);
  const read = await readArchive(await filesOf(await exportArchive(NOW, db)));
  const [kept] = read.ok ? read.value.pictures : [];
  expect(new Uint8Array((await (await kept?.take())?.arrayBuffer()) ?? [])).toEqual(Uint8Array.of(1, 2, 3));
  expect(await readPicture(one.ok ? one.value : "", db)).toEqual(Uint8Array.of(1, 2, 3));
  // As earlier versions kept it.
  await db.pictures.put({ sha256: "old", name: "", type: "", bytes: Uint8Array.of(4) });
  expect(await readPicture("old", db)).toEqual(Uint8Array.of(4));
  expect(await readPicture("none", db)).toBeNull();
});
