import "fake-indexeddb/auto";
import { chance } from "../../core/basis/numeric/chance.ts";
import { movedBack, movedOn, type Run, runAt } from "../../core/darkroom/run/index.ts";
import {
  type Count,
  changesBetween,
  closedAt,
  coveredFrom,
  type Development,
  runOf,
  uncoveredAt,
  withTyped,
} from "../../core/document/index.ts";
import { fakeLocalStorage } from "../testing.ts";
import { type ExposureRow, openDb, type StillBoxDb } from "./db.ts";
import { noteActs, recoverActs } from "./notedActs.ts";
import { doActs, getRecord } from "./records.ts";
import { hasUnsaved } from "./unsaved.ts";

const COUNT: Count = {
  id: "c",
  cameraId: "shed",
  targetSeconds: 26,
  medium: "rc-graded",
  iso: 6,
  fNumber: 226,
  light: "Full sun",
  openedMs: 1000,
  closedMs: null,
  pauses: [],
  words: { subject: "", note: "" },
};
const STEP = {
  id: "dev",
  name: "Developer",
  bath: "developer",
  seconds: 60,
  planned: 60,
  from: 0,
  lamp: "red",
} as const;
const SHEET: Development = {
  id: "d",
  recipeId: "trays",
  at: "2026-05-01T10:00:00Z",
  exposureIds: [],
  steps: ["dev", "stop", "fix", "wash"].map((id) => ({ ...STEP, id, real: null })),
  startedMs: 1000,
  movesMs: [],
};

let db: StillBoxDb;
let count = 0;
beforeEach(() => {
  db = openDb(`acts-${++count}`);
});
afterEach(() => db.delete());

describe("what a page did just before it was gone", () => {
  let local: Record<string, string>;
  beforeEach(() => {
    local = fakeLocalStorage();
  });
  afterEach(() => void Reflect.deleteProperty(globalThis, "localStorage"));
  const there = () => getRecord("counts", "c", db);
  const typed = withTyped(COUNT, [{ path: ["subject"], before: "", after: "Cold frames" }]);

  test("is done by the next page: opened, and what was typed; what is stored needs no note", async () => {
    noteActs("counts", "c", "page", null, typed);
    expect(await hasUnsaved(db)).toBe(true);
    await recoverActs(db);
    expect(await there()).toEqual(typed);
    expect([Object.keys(local), await hasUnsaved(db)]).toEqual([[], false]);
    noteActs("counts", "c", "page", typed, closedAt(typed, 9000, 8000));
    noteActs("counts", "c", "page", typed, typed);
    expect(Object.keys(local)).toEqual([]);
  });

  test("stays with what another tab did since; of what was logged or given up nothing comes back", async () => {
    await db.table("counts").put(COUNT);
    noteActs("counts", "c", "page", COUNT, typed);
    await db.table("counts").put(closedAt(COUNT, 5000, null));
    await recoverActs(db);
    expect(await there()).toMatchObject({ closedMs: 5000, words: { subject: "Cold frames" } });
    noteActs("counts", "c", "page", typed, coveredFrom(typed, 3000));
    await db.table("counts").clear();
    await recoverActs(db);
    expect([await there(), Object.keys(local)]).toEqual([null, []]);
    noteActs("counts", "c", "page", null, COUNT);
    await db.exposures.put({ id: "c" } as ExposureRow);
    await recoverActs(db);
    expect([await there(), Object.keys(local)]).toEqual([null, []]);
  });

  test("waits while the disk is full; what is none is put away", async () => {
    noteActs("counts", "c", "page", null, COUNT);
    const full = jest.spyOn(db.table("counts"), "put").mockRejectedValue(new DOMException("", "QuotaExceededError"));
    await recoverActs(db);
    full.mockRestore();
    expect(Object.keys(local)).toHaveLength(1);
    local["still-box-act:x"] = "[nu";
    local["still-box-act:y"] = JSON.stringify({ name: "edits", recordId: "c", changes: [] });
    await recoverActs(db);
    expect([await there(), Object.keys(local)]).toEqual([COUNT, []]);
  });
});

const doTo = (act: (stored: Count) => Count | null) =>
  doActs("counts", "c", [(stored) => (stored === null ? null : act(stored))], db);

describe("two tabs, each with its own belated view", () => {
  test("of one count: closed once, by whoever was first; covers don’t overlap; every line keeps the last word typed in it; logged, it stays gone (720 events)", async () => {
    for (let seed = 1; seed <= 12; seed++) {
      const random = chance(seed);
      const pick = (n: number): number => Math.floor(random() * n);
      await db.table("counts").put(COUNT);
      // What happened, one after the other: the plain list that the record is held against.
      const closings: number[] = [];
      const words: Record<string, string> = { subject: "", note: "" };
      const seen = [COUNT, COUNT] as [Count, Count];
      let isGone = false;
      for (let step = 0; step < 60; step++) {
        const now = 2000 + 100 * step;
        const tab = pick(2) as 0 | 1;
        const what = pick(12);
        if (what < 3) await doTo((stored) => coveredFrom(stored, now));
        else if (what < 6) {
          const from = seen[tab].pauses.at(-1)?.fromMs ?? 0;
          await doTo((stored) => uncoveredAt(stored, from, now));
        } else if (what < 9) {
          const line = pick(2) === 0 ? "subject" : "note";
          const typed = changesBetween(seen[tab].words, { ...seen[tab].words, [line]: `${tab}, ${step}` });
          await doTo((stored) => withTyped(stored, typed));
          words[line] = `${tab}, ${step}`;
        } else if (what === 9 && step > 30) {
          await doTo((stored) => closedAt(stored, now, null));
          closings.push(now);
        } else if (what === 10 && step > 50) {
          await doTo(() => null);
          isGone = true;
        } else seen[tab] = (await getRecord("counts", "c", db)) ?? seen[tab];
        const stored = await getRecord("counts", "c", db);
        expect(stored === null).toBe(isGone);
        if (stored === null) continue;
        expect(stored.words).toEqual(words);
        expect(stored.closedMs).toBe(closings[0] ?? null);
        const ends = stored.pauses.map(({ fromMs, untilMs }) => [fromMs, untilMs ?? now] as const);
        for (const [i, [from, until]] of ends.entries()) {
          expect(until).toBeGreaterThanOrEqual(from);
          expect(from).toBeGreaterThanOrEqual(ends[i - 1]?.[1] ?? 0);
        }
      }
    }
  });

  test("of one sheet: a press counts for the bath that was seen, and once; no bath is skipped (720 events)", async () => {
    for (let seed = 1; seed <= 12; seed++) {
      const random = chance(seed);
      const pick = (n: number): number => Math.floor(random() * n);
      await db.table("developments").put(SHEET);
      let step = 0;
      const seen = [0, 0] as [number, number];
      for (let event = 0; event < 60; event++) {
        const now = 2000 + 100 * event;
        const tab = pick(2) as 0 | 1;
        const what = pick(5);
        if (what >= 3) {
          seen[tab] = step;
          continue;
        }
        const how: (run: Run, at: number) => Run = what === 2 ? movedBack : movedOn;
        const from = seen[tab];
        await doActs(
          "developments",
          "d",
          [
            (stored) => {
              const run = stored && runOf(stored);
              if (!stored || !run || runAt(run, now).step !== from) return stored;
              const { movesMs, backsMs = [] } = how(run, now);
              return { ...stored, movesMs, backsMs };
            },
          ],
          db,
        );
        // Only who had seen the bath that it lies in has moved it, by one.
        if (from === step) step = Math.min(4, Math.max(0, step + (what === 2 ? -1 : 1)));
        const stored = await getRecord("developments", "d", db);
        expect(stored?.movesMs).toHaveLength(step);
      }
    }
  });
});
