import "fake-indexeddb/auto";
import type { Negative } from "../../core/document/index.ts";
import { openDb } from "../engine/db.ts";
import { removeEdited } from "../engine/editRecord.ts";
import { listNegatives, saveNegatives } from "./negatives.ts";

const NEGATIVE: Negative = {
  id: "n1",
  exposureId: "s1",
  cameraId: "c1",
  picture: "a".repeat(64),
  at: "2026-06-14T10:00:00+01:00",
  settings: { medium: { least: 0.05, most: 2.05, range: 110, iso: 6 }, sheet: { width: 127, height: 101.6 } },
};

describe("negatives in the browser", () => {
  test("are stored all or none, hand back what stood there, come the latest first, and can be taken back", async () => {
    const db = openDb("negatives-1");
    expect(await saveNegatives([NEGATIVE], db)).toEqual({ ok: true, value: [null] });
    const later = { ...NEGATIVE, id: "n2", at: "2026-06-15T10:00:00+01:00" };
    const changed = { ...NEGATIVE, finish: { tint: "warm" as const } };
    expect(await saveNegatives([later, changed], db)).toEqual({ ok: true, value: [null, NEGATIVE] });
    expect(await listNegatives(db)).toEqual([later, changed]);
    const bad = { ...NEGATIVE, id: "n3", settings: { ...NEGATIVE.settings, sharpen: true } };
    const refused = await saveNegatives([{ ...later, id: "n4" }, bad], db);
    expect(refused).toMatchObject({ ok: false, error: { faults: [{ path: "/settings/camera" }] } });
    expect((await listNegatives(db)).map(({ id }) => id)).toEqual(["n2", "n1"]);
    expect(await removeEdited("negatives", "n2", "put away", "2026-05-01T10:00:00Z", db)).toEqual({
      ok: true,
      value: { record: null, step: 1 },
    });
    expect((await removeEdited("negatives", "n2", "put away", "2026-05-01T10:00:00Z", db)).ok).toBe(false);
    db.close();
  });

  test("damaged records are left where they are and not shown", async () => {
    const db = openDb("negatives-2");
    await db.table("negatives").put({ id: "odd", picture: 7 });
    await saveNegatives([NEGATIVE], db);
    expect((await listNegatives(db)).map(({ id }) => id)).toEqual(["n1"]);
    expect(await db.table("negatives").count()).toBe(2);
    db.close();
  });
});
