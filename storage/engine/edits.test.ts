import "fake-indexeddb/auto";
import { chance } from "../../core/basis/numeric/chance.ts";
import type { Trail } from "../../core/document/index.ts";
import { fakeLocalStorage } from "../testing.ts";
import { openDb, type StillBoxDb } from "./db.ts";
import { bringBack, editRecord, getEdited, removeEdited } from "./editRecord.ts";
import { historyState, stepHistory } from "./history.ts";
import { recoverUnsaved } from "./recovery.ts";

const NOW = "2026-05-01T10:00:00Z";
const TRAIL: Trail = {
  id: "t",
  site: { latitude: 52, longitude: 0, timeZone: "Europe/London" },
  aim: { azimuth: 180, elevation: 10 },
  from: "2026-06-21",
  to: "2026-12-21",
};
const REF = { name: "trails", recordId: "t" } as const;
let db: StillBoxDb;
let count = 0;

beforeEach(async () => {
  db = openDb(`edits-${++count}`);
  await db.table("trails").put(TRAIL);
});
afterEach(() => db.delete());

const set = (path: readonly string[], before: unknown, after: unknown, stroke?: string) =>
  editRecord("trails", "t", { label: path.join("."), changes: [{ path, before, after }], stroke }, NOW, db);
const there = async (): Promise<Trail> => {
  const found = await getEdited("trails", "t", db);
  if (!found.ok) throw new Error(found.error.reason);
  return found.value;
};

describe("edits of any record", () => {
  test("a wrong one is refused whole with its path; of one that is gone it is said", async () => {
    const wrong = await set(["aim", "elevation"], 10, 100);
    expect(!wrong.ok && wrong.error).toMatchObject({ reason: "invalid", faults: [{ path: "/aim/elevation" }] });
    expect((await there()).aim).toEqual(TRAIL.aim);
    await db.table("trails").clear();
    expect(await set(["name"], undefined, "Shed")).toMatchObject({ ok: false, error: { reason: "missing" } });
    expect(await stepHistory([REF], "undo", NOW, db)).toEqual({ ok: true, value: null });
  });

  test("putting away is a step: an edit after it is refused, undo brings it back, redo puts it away again", async () => {
    await set(["name"], undefined, "Shed roof");
    expect((await removeEdited("trails", "t", "put away", NOW, db)).ok).toBe(true);
    expect(await historyState([REF], db)).toEqual({ undo: "put away", redo: null });
    expect(await set(["name"], "Shed roof", "x")).toMatchObject({ ok: false, error: { reason: "missing" } });
    await stepHistory([REF], "undo", NOW, db);
    expect((await there()).name).toBe("Shed roof");
    expect(await stepHistory([REF], "redo", NOW, db)).toMatchObject({ value: { record: null } });
    expect(await db.table("trails").count()).toBe(0);
    await stepHistory([REF], "undo", NOW, db);
    await stepHistory([REF], "undo", NOW, db);
    expect((await there()).name).toBeUndefined();
  });

  test("brought back by a page that held it, once: what lies there already stays", async () => {
    await db.table("trails").clear();
    await bringBack("trails", { ...TRAIL, name: "held" }, NOW, db);
    await bringBack("trails", { ...TRAIL, name: "held by another" }, NOW, db);
    expect((await there()).name).toBe("held");
  });

  test("seeded orders of edits, undo and redo in two tabs: nothing that stands is lost, undo takes back what its step did", async () => {
    const fields = [["aim", "azimuth"], ["aim", "elevation"], ["site", "latitude"], ["who"]] as const;
    const read = (record: object, path: readonly string[]): unknown =>
      path.reduce<unknown>((at, name) => (at as Record<string, unknown> | undefined)?.[name], record);
    for (let seed = 1; seed <= 12; seed++) {
      const random = chance(seed);
      const pick = (n: number): number => Math.floor(random() * n);
      await db.table("trails").put(TRAIL);
      await db.edits.clear();
      // A plain list of what stands, and of what was taken back, held beside it.
      const value = new Map<string, unknown>(fields.map((path) => [path.join("."), read(TRAIL, path)]));
      let done: { readonly key: string; readonly before: unknown; readonly after: unknown }[] = [];
      let undone: typeof done = [];
      // Each tab knows the record as it was when it last looked.
      const tabs = [TRAIL, TRAIL] as [Trail, Trail];
      for (let step = 0; step < 60; step++) {
        const tab = pick(2) as 0 | 1;
        const what = pick(6);
        if (what < 3) {
          const path = fields[pick(fields.length)] as readonly string[];
          const key = path.join(".");
          const after = key === "who" ? `hand ${step}` : pick(80) + step / 100;
          const known = read(tabs[tab], path);
          await set(path, known, after);
          done = [...done, { key, before: value.get(key), after }];
          undone = [];
          value.set(key, after);
        } else if (what === 3) {
          await stepHistory([REF], "undo", NOW, db);
          const last = done.at(-1);
          if (last !== undefined) {
            done = done.slice(0, -1);
            undone = [last, ...undone];
            value.set(last.key, last.before);
          }
        } else if (what === 4) {
          await stepHistory([REF], "redo", NOW, db);
          const [first, ...rest] = undone;
          if (first !== undefined) {
            undone = rest;
            done = [...done, first];
            value.set(first.key, first.after);
          }
        } else {
          tabs[tab] = await there();
        }
        const now = await there();
        for (const path of fields) expect(read(now, path)).toEqual(value.get(path.join(".")));
      }
    }
  });
});

describe("what earlier versions left", () => {
  test("a plan that a page of an earlier version held whole is stored as an edit, once; a quick note of a camera too", async () => {
    const local = fakeLocalStorage();
    local["still-box-held:trails:t"] = JSON.stringify({ name: "trails", was: [], record: { ...TRAIL, who: "Ivy" } });
    local["still-box-held:trails:x"] = "[nu";
    local["still-box-note:q"] = JSON.stringify({ id: "q", cameraId: "gone", label: "depth", changes: [], at: NOW });
    const came = await recoverUnsaved(NOW, db);
    expect(came).toMatchObject({ damaged: 0, gone: [{ name: "cameras", recordId: "gone" }] });
    expect((await there()).who).toBe("Ivy");
    expect(Object.keys(local)).toEqual([]);
    await stepHistory([REF], "undo", NOW, db);
    expect((await there()).who).toBeUndefined();
    Reflect.deleteProperty(globalThis, "localStorage");
  });
});
