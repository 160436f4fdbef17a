import "fake-indexeddb/auto";
import { Dexie } from "dexie";
import { practiceStart } from "../../catalogue/practice/practiceStart.ts";
import { openDb } from "../engine/db.ts";
import { actKey, quickKey, quickNotes } from "../engine/quickNotes.ts";
import { demoDb, fakeLocalStorage } from "../testing.ts";
import { drawerOf, nextPage, practiceTab, setPracticeTab, tabOfDrawer } from "./drawer.ts";
import { begunPractices, forgetPractice, layOutPractice, practiceRecords } from "./practice.ts";

/** Goes into a session, or out of it, by a new page. */
function enter(tab: Parameters<typeof setPracticeTab>[0]): void {
  setPracticeTab(tab);
  nextPage();
}

const LEAK = { session: "leak", seed: 12 } as const;
const start = practiceStart(LEAK, Date.parse("2026-12-01T12:00:00Z"));

beforeEach(() => {
  const kept = new Map<string, string>();
  const store = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  };
  Object.defineProperty(globalThis, "sessionStorage", { value: store, configurable: true });
});
afterEach(async () => {
  enter(null);
  for (const name of await Dexie.getDatabaseNames()) await Dexie.delete(name);
});

test("which session a tab is in is kept with the tab; what is no session is the maker’s own", () => {
  expect(practiceTab()).toBeNull();
  enter(LEAK);
  expect(practiceTab()).toEqual(LEAK);
  // A tab on its way out still works in the drawer that its page has opened.
  setPracticeTab(null);
  expect(practiceTab()).toEqual(LEAK);
  sessionStorage.setItem("still-box-practice", "leak:12345");
  nextPage();
  expect(practiceTab()).toBeNull();
  sessionStorage.setItem("still-box-practice", "");
  nextPage();
  expect(practiceTab()).toBeNull();
  Reflect.deleteProperty(globalThis, "sessionStorage");
  nextPage();
  expect(practiceTab()).toBeNull();
  Object.defineProperty(globalThis, "sessionStorage", { value: { removeItem: () => {} }, configurable: true });
});

test("each session has a database of its own, known by its name", () => {
  expect(drawerOf(null)).toBe("still-box");
  expect(tabOfDrawer(drawerOf(LEAK))).toEqual(LEAK);
  expect(tabOfDrawer("still-box")).toBeNull();
  expect(drawerOf({ ...LEAK, seed: 13 })).not.toBe(drawerOf(LEAK));
});

test("what is laid out is there, the maker’s own is not touched; begun anew it is as at first, forgotten it is gone", async () => {
  const own = await demoDb();
  const cameras = await own.cameras.count();
  await layOutPractice(LEAK, start);
  enter(LEAK);
  const db = openDb();
  expect(db.name).toBe(drawerOf(LEAK));
  await db.exposures.clear();
  expect((await practiceRecords(db)).cameras).toEqual(start.cameras);
  db.close();
  const [begun] = await begunPractices();
  expect(begun?.tab).toEqual(LEAK);
  expect(begun?.records.exposures).toHaveLength(0);
  await layOutPractice(LEAK, start);
  expect((await begunPractices())[0]?.records.exposures).toHaveLength(1);
  expect(await own.cameras.count()).toBe(cameras);
  await forgetPractice(LEAK);
  expect(await begunPractices()).toEqual([]);
});

test("notes of practice never come among the maker’s own, nor theirs among those of practice", () => {
  fakeLocalStorage();
  localStorage.setItem(quickKey("mine"), JSON.stringify({ id: "mine" }));
  enter(LEAK);
  expect(quickNotes()).toEqual([]);
  localStorage.setItem(quickKey("practised"), JSON.stringify({ id: "practised" }));
  expect(quickNotes()).toEqual([{ id: "practised" }]);
  const acts = actKey("counts", "c", "p");
  enter(null);
  expect(quickNotes()).toEqual([{ id: "mine" }]);
  expect(actKey("counts", "c", "p")).not.toBe(acts);
});
