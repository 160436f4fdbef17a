import "fake-indexeddb/auto";
import type { Negative } from "../core/document/index.ts";
import { openDb, type StillBoxDb } from "./db.ts";
import { noteHeld, recoverHeld, saveHeld } from "./heldRecords.ts";
import { saveNegatives } from "./negatives.ts";
import { fakeLocalStorage } from "./testing.ts";
import { hasUnsaved } from "./unsaved.ts";

const NEGATIVE: Negative = {
  id: "n",
  picture: "a".repeat(64),
  settings: { medium: { least: 0, most: 2, range: 110, iso: 6 }, sheet: { width: 1, height: 1 } },
};
const named = (name: string): Negative => ({ ...NEGATIVE, name });
const KEY = "still-box-held:negatives:n";

let db: StillBoxDb;
let count = 0;
let local: Record<string, string>;

beforeEach(async () => {
  local = fakeLocalStorage();
  db = openDb(`held-${++count}`);
  await saveNegatives([NEGATIVE], db);
});
afterEach(async () => {
  Reflect.deleteProperty(globalThis, "localStorage");
  await db.delete();
});

const nameThere = async (): Promise<string | undefined> => (await db.table<Negative>("negatives").get("n"))?.name;
const NOTHING = { overtaken: 0, later: 0, damaged: 0 };

describe("records that pages held when they were closed", () => {
  test("what was noted is stored by the next page, once", async () => {
    noteHeld("negatives", named("last stroke"), [JSON.stringify(NEGATIVE)]);
    expect(await hasUnsaved(db)).toBe(true);
    expect(await recoverHeld(db)).toEqual(NOTHING);
    expect(await nameThere()).toBe("last stroke");
    expect(await hasUnsaved(db)).toBe(false);
  });

  test("a note is as small as its record, whatever was stored before", () => {
    const large = { ...NEGATIVE, thumb: `data:image/png;base64,${"A".repeat(50_000)}` };
    noteHeld("negatives", named("small"), [JSON.stringify(large), JSON.stringify(large)]);
    expect(local[KEY]?.length).toBeLessThan(JSON.stringify(named("small")).length + 120);
  });

  test("a stroke noted while the one before it was on its way into the database counts too", async () => {
    await saveHeld("negatives", named("first"), db);
    noteHeld("negatives", named("second"), [JSON.stringify(NEGATIVE), JSON.stringify(named("first"))]);
    expect(await recoverHeld(db)).toEqual(NOTHING);
    expect(await nameThere()).toBe("second");
  });

  test("storing strikes the note out, but not a later one", async () => {
    noteHeld("negatives", named("first"), []);
    await saveHeld("negatives", named("first"), db);
    expect(Object.keys(local)).toEqual([]);
    noteHeld("negatives", named("second"), []);
    await saveHeld("negatives", named("first"), db);
    expect(Object.keys(local)).toEqual([KEY]);
  });

  test("what was changed elsewhere since, or deleted, stands", async () => {
    noteHeld("negatives", named("older"), [JSON.stringify(NEGATIVE)]);
    await db.table("negatives").put(named("newer"));
    expect(await recoverHeld(db)).toEqual({ ...NOTHING, overtaken: 1 });
    expect(await nameThere()).toBe("newer");
    noteHeld("negatives", named("older"), [JSON.stringify(named("newer"))]);
    await db.table("negatives").delete("n");
    expect(await recoverHeld(db)).toEqual({ ...NOTHING, overtaken: 1 });
    expect([await nameThere(), await hasUnsaved(db)]).toEqual([undefined, false]);
  });

  test("a full disk keeps the note for the next start", async () => {
    noteHeld("negatives", named("kept"), [JSON.stringify(NEGATIVE)]);
    const noRoom = jest
      .spyOn(db, "transaction")
      .mockImplementation((() => Promise.reject(new DOMException("full", "QuotaExceededError"))) as never);
    expect(await recoverHeld(db)).toEqual({ ...NOTHING, later: 1 });
    noRoom.mockRestore();
    expect(await hasUnsaved(db)).toBe(true);
    expect(await recoverHeld(db)).toEqual(NOTHING);
    expect(await nameThere()).toBe("kept");
  });

  test.each([
    ["no JSON", "[nu"],
    ["of no collection", JSON.stringify({ name: "cameras", was: [], record: { id: "n" } })],
    ["no negative", JSON.stringify({ name: "negatives", was: [1], record: { id: "n" } })],
  ])("a note that can’t be read is put away and told: %s", async (_, text) => {
    local[KEY] = text;
    expect(await recoverHeld(db)).toEqual({ ...NOTHING, damaged: 1 });
    expect([await nameThere(), await hasUnsaved(db)]).toEqual([undefined, false]);
  });
});
