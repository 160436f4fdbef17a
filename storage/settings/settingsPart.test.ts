import "fake-indexeddb/auto";
import { USUAL_Q10 } from "../../core/darkroom/temperature/index.ts";
import type { StillBoxDb } from "../engine/db.ts";
import { stepHistory } from "../engine/history.ts";
import { demoDb } from "../testing.ts";
import { fieldChoices, printerChoices } from "./choices.ts";
import { darkChoices } from "./darkSettings.ts";
import { hangChoices } from "./hangSettings.ts";

let db: StillBoxDb;
beforeEach(async () => {
  db = await demoDb();
});
afterEach(() => db.delete());

const put = (key: string, value: unknown) => db.settings.put({ key, value });
const back = (steps: typeof darkChoices.steps, way: "undo" | "redo" = "undo") =>
  stepHistory(steps, way, "2026-06-01T10:00:00Z", db);

describe("choices of one place", () => {
  test("are what was set, beside what usually is; others’ stay apart", async () => {
    expect(await hangChoices.read(db)).toMatchObject({ kind: "contact", paper: "a4", across: false, order: [] });
    await hangChoices.write({ kind: "series" }, "How they hang", db);
    await hangChoices.write({ order: ["b", "a"] }, "The order", db);
    await darkChoices.write({ speech: true }, "The voice", db);
    expect(await hangChoices.read(db)).toMatchObject({ kind: "series", order: ["b", "a"], captions: true });
    expect(await darkChoices.read(db)).toMatchObject({ speech: true, darkTap: "tap" });
  });

  test("two that are written at once are both kept", async () => {
    await Promise.all([
      hangChoices.write({ paper: "a3" }, "The paper", db),
      hangChoices.write({ across: true }, "How it lies", db),
      hangChoices.write({ captions: false }, "Captions", db),
    ]);
    expect(await hangChoices.read(db)).toMatchObject({ paper: "a3", across: true, captions: false });
  });

  test("what can’t be read is as it usually is, and stays where it lies; what is unknown stays too", async () => {
    await put("hang", { kind: "pile", paper: "letter", frame: "oak" });
    expect(await hangChoices.read(db)).toMatchObject({ kind: "contact", paper: "letter" });
    await hangChoices.write({ captions: false }, "Captions", db);
    expect((await db.settings.get("hang"))?.value).toEqual({
      kind: "pile",
      paper: "letter",
      frame: "oak",
      captions: false,
    });
    await put("dark", "dim");
    expect(await darkChoices.read(db)).toMatchObject({ speech: false, recipe: null });
    expect((await darkChoices.write({ speech: true }, "The voice", db)).ok).toBe(true);
    expect((await db.settings.get("dark"))?.value).toEqual({ speech: true });
  });

  test("one that is not allowed is not written", async () => {
    const pile = await hangChoices.write({ kind: "pile" as "series" }, "How they hang", db);
    expect(!pile.ok && pile.error).toMatchObject({ reason: "invalid", faults: [{ path: "/kind" }] });
    expect(await darkChoices.write({ q10: 0 }, "Q", db)).toMatchObject({ ok: false });
    expect(await printerChoices.write({ paper: "a7" as "a4" }, "The paper", db)).toMatchObject({ ok: false });
    expect(await db.settings.bulkGet(["hang", "dark", "paper"])).toEqual([undefined, undefined, undefined]);
    expect(await db.edits.filter(({ name }) => name === "settings").count()).toBe(0);
  });
});

describe("Undo of a choice", () => {
  test("takes back the last one alone; what another tab chose since stays", async () => {
    await darkChoices.write({ developerAt: 24 }, "The temperature", db);
    await darkChoices.write({ q10: 3 }, "Q", db);
    expect(await back(darkChoices.steps)).toMatchObject({ ok: true, value: { label: "Q" } });
    expect(await darkChoices.read(db)).toMatchObject({ developerAt: 24, q10: USUAL_Q10 });
    await darkChoices.write({ speech: true }, "The voice", db);
    await back(darkChoices.steps);
    await back(darkChoices.steps);
    expect(await darkChoices.read(db)).toMatchObject({ developerAt: 20, speech: false });
    await back(darkChoices.steps, "redo");
    expect(await darkChoices.read(db)).toMatchObject({ developerAt: 24, speech: false });
  });

  test("of the very first one brings back what is usual; places don’t take back each other’s", async () => {
    await fieldChoices.write({ countIn: true }, "The count-in", db);
    await printerChoices.write({ printScale: { across: 1.02, up: 1 } }, "The scale", db);
    expect(await back(fieldChoices.steps)).toMatchObject({ value: { label: "The count-in" } });
    expect(await back(fieldChoices.steps)).toEqual({ ok: true, value: null });
    expect(await fieldChoices.read(db)).toMatchObject({ countIn: false, sound: true });
    expect(await printerChoices.read(db)).toMatchObject({ printScale: { across: 1.02, up: 1 } });
  });
});
