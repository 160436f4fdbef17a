import "fake-indexeddb/auto";
import fc from "fast-check";
import { type Bottle, type Pack, parseArchive } from "../../core/document/index.ts";
import { LATER, NOW } from "../testing.ts";
import { openDb, type StillBoxDb } from "./db.ts";
import { changeAsStep, removeEdited } from "./editRecord.ts";
import { orRefused } from "./failure.ts";
import { historyState, stepHistory, takeBack } from "./history.ts";
import { withTaken } from "./keeping.ts";
import { getRecord, saveRecord } from "./records.ts";
import { there } from "./steps.ts";

let db: StillBoxDb;
let count = 0;
beforeEach(() => {
  db = openDb(`steps-${++count}`);
});
afterEach(() => db.delete());

const METER = { id: "m", name: "Phone", kind: "photograph", offset: 1 } as const;
const BOTTLE: Bottle = { id: "b", name: "Fix", chemical: "fixer", water: 4, volumeMl: 500, mixedAt: NOW };
const PACK: Pack = { id: "p", medium: "rc-graded", size: "5×7 in", left: 25 };
const by = (label: string) => ({ label, now: NOW });

test("made, changed, deleted: each is a step of its collection, taken back and done again in its order, each under its words", async () => {
  const meters = [{ name: "meters" }] as const;
  const way = async (which: "undo" | "redo") => (await stepHistory(meters, which, NOW, db)).ok;
  const offset = async () => (await getRecord("meters", "m", db))?.offset ?? null;
  await changeAsStep("meters", "m", () => METER, by("made"), db);
  await changeAsStep("meters", "m", (now) => ({ ...there(now), offset: 2 }), by("compared"), db);
  await changeAsStep("meters", "m", (now) => now, by("nothing"), db);
  await removeEdited("meters", "m", "thrown away", NOW, db);
  expect(await historyState(meters, db)).toEqual({ undo: "thrown away", redo: null });
  expect(await historyState([{ name: "meters", label: "compared" }], db)).toEqual({ undo: "compared", redo: null });
  const seen: (number | null)[] = [await offset()];
  for (const which of ["undo", "undo", "undo", "undo", "redo", "redo", "redo", "redo"] as const) {
    expect(await way(which)).toBe(true);
    seen.push(await offset());
  }
  expect(seen).toEqual([null, 2, 1, null, null, 1, 2, null, null]);
  // Of another collection nothing was taken back.
  expect(await historyState([{ name: "media" }], db)).toEqual({ undo: null, redo: null });
});

test("a wrong record is refused whole, and is no step; of one that is gone it is said", async () => {
  const wrong = await changeAsStep("meters", "m", () => ({ ...METER, offset: 99 }), by("made"), db);
  expect(!wrong.ok && wrong.error).toMatchObject({ reason: "invalid", faults: [{ path: "/offset" }] });
  expect([await db.table("meters").count(), await db.edits.count()]).toEqual([0, 0]);
  expect(await removeEdited("meters", "m", "x", NOW, db)).toMatchObject({ ok: false, error: { reason: "missing" } });
  const made = orRefused(await changeAsStep("meters", "m", () => METER, by("made"), db));
  const set = orRefused(await changeAsStep("meters", "m", () => ({ ...METER, offset: 3 }), by("set"), db));
  await db.table("meters").delete("m");
  expect(await takeBack(set.step ?? 0, NOW, db)).toMatchObject({ ok: false, error: { reason: "missing" } });
  // That it was made can be taken back of one that is gone: it stays gone.
  expect(await takeBack(made.step ?? 0, NOW, db)).toMatchObject({ ok: true, value: { record: null } });
  expect(await takeBack(1e6, NOW, db)).toEqual({ ok: true, value: null });
});

test("a step taken back leaves what came after it: a clip test, the one of another tab, and a sheet gone through", async () => {
  await saveRecord("bottles", BOTTLE, db);
  const clip = (seconds: number) => (now: Bottle | null) => ({
    ...there(now),
    clips: [...(now?.clips ?? []), { at: NOW, seconds }],
  });
  const first = orRefused(await changeAsStep("bottles", "b", clip(30), by("a clip test"), db));
  await changeAsStep("bottles", "b", clip(40), by("a clip test"), db);
  await db.table("bottles").update("b", { uses: [{ id: "d", cm2: 129 }] });
  await takeBack(first.step ?? 0, LATER, db);
  expect(await getRecord("bottles", "b", db)).toEqual({
    ...BOTTLE,
    clips: [{ at: NOW, seconds: 40 }],
    uses: [{ id: "d", cm2: 129 }],
  });
});

test("what is left of a pack is what was counted less what was taken, once under each name; a pack of before counts on", async () => {
  await saveRecord("packs", PACK, db);
  const take = (id: string, sheets: number) => (now: Pack | null) => withTaken(there(now), id, sheets);
  const one = orRefused(await changeAsStep("packs", "p", take("one", 3), by("loaded"), db));
  await changeAsStep("packs", "p", take("one", 3), by("loaded in another tab too"), db);
  await changeAsStep("packs", "p", take("two", 4), by("loaded"), db);
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 18, counted: 25 });
  await takeBack(one.step ?? 0, NOW, db);
  expect(await getRecord("packs", "p", db)).toMatchObject({ left: 21, taken: [{ id: "two", sheets: 4 }] });
  await changeAsStep("packs", "p", take("more than there are", 30), by("loaded"), db);
  expect((await getRecord("packs", "p", db))?.left).toBe(0);
  const pack = await getRecord("packs", "p", db);
  expect(parseArchive({ format: "still-box/archive", version: 1, packs: [pack] }).ok).toBe(true);
});

/** So many orders of hands are tried; `npm run faults` tries 500. */
const ORDERS = Number(process.env.STILL_BOX_ORDERS ?? 50);

describe("a pack in two tabs against a plain list of what happened", () => {
  interface Model {
    alive: boolean;
    counted: number;
    note: string;
    taken: Map<string, number>;
    steps: Happened[];
  }
  /** What a step did to the model, and what takes it back. */
  interface Happened {
    readonly id: number;
    readonly whole: boolean;
    stands: boolean;
    readonly redo: (model: Model) => void;
    readonly undo: (model: Model) => void;
  }
  type Telling = (model: Model, name: string) => Omit<Happened, "id" | "stands">;
  type Way = "undo" | "redo" | "notice";
  type Command = fc.AsyncCommand<Model, StillBoxDb>;
  let names = 0;

  const agrees = async (model: Model, real: StillBoxDb): Promise<void> => {
    const pack = await getRecord("packs", "p", real);
    expect(pack !== null).toBe(model.alive);
    if (pack === null) return;
    const gone = [...model.taken.values()].reduce((sum, sheets) => sum + sheets, 0);
    expect(pack).toMatchObject({ left: Math.max(0, model.counted - gone), note: model.note });
    expect(new Map(pack.taken?.map(({ id, sheets }) => [id, sheets]))).toEqual(model.taken);
  };

  /** Something done in one of the tabs. */
  class Does implements Command {
    readonly #words: string;
    readonly #change: (pack: Pack, name: string) => Pack | null;
    readonly #told: Telling;
    constructor(words: string, change: (pack: Pack, name: string) => Pack | null, told: Telling) {
      this.#words = words;
      this.#change = change;
      this.#told = told;
    }
    check = (): boolean => true;
    toString = (): string => this.#words;
    async run(model: Model, real: StillBoxDb): Promise<void> {
      const name = `happened ${++names}`;
      const change = (now: Pack | null) => this.#change(there(now), name);
      const done = await changeAsStep("packs", "p", change, by(this.#words), real);
      expect(done.ok).toBe(model.alive);
      if (done.ok && done.value.step !== null) {
        const happened = { id: done.value.step, stands: true, ...this.#told(model, name) };
        model.steps = [...model.steps.filter(({ stands }) => stands), happened];
        happened.redo(model);
      }
      await agrees(model, real);
    }
  }

  /** A step taken back or done again, by its place in a list. */
  class Turns implements Command {
    readonly #way: Way;
    readonly #which: number;
    constructor(way: Way, which = 0) {
      this.#way = way;
      this.#which = which;
    }
    check = (): boolean => true;
    toString = (): string => `${this.#way} ${this.#which}`;
    async run(model: Model, real: StillBoxDb): Promise<void> {
      const redo = this.#way === "redo";
      const standing = model.steps.filter(({ stands }) => stands !== redo);
      const step =
        this.#way === "notice"
          ? standing[this.#which % Math.max(1, standing.length)]
          : redo
            ? standing[0]
            : standing.at(-1);
      const done =
        this.#way === "notice"
          ? await takeBack(step?.id ?? 1e6, NOW, real)
          : await stepHistory([{ name: "packs" }], this.#way, NOW, real);
      const possible = step === undefined || model.alive || step.whole;
      expect(done.ok).toBe(possible);
      if (step !== undefined && possible) {
        step[redo ? "redo" : "undo"](model);
        step.stands = redo;
      }
      await agrees(model, real);
    }
  }

  const taking = (sheets: number): Command =>
    new Does(
      `take ${sheets}`,
      (pack, name) => withTaken(pack, name, sheets),
      (_, name) => ({
        whole: false,
        redo: ({ taken }) => void taken.set(name, sheets),
        undo: ({ taken }) => void taken.delete(name),
      }),
    );
  const setting = (field: "counted" | "note", value: number | string): Command =>
    new Does(
      `${field} ${value}`,
      (pack) => ({ ...pack, [field]: value }),
      (model) => {
        const before = model[field];
        return {
          whole: false,
          redo: (now) => void Object.assign(now, { [field]: value }),
          undo: (now) => void Object.assign(now, { [field]: before }),
        };
      },
    );
  const throwing = (): Command =>
    new Does(
      "throw away",
      () => null,
      () => ({
        whole: true,
        redo: (model) => {
          model.alive = false;
        },
        undo: (model) => {
          model.alive = true;
        },
      }),
    );

  test("whatever the order of hands: all that stands is in the sum, what is taken back takes back its own", async () => {
    const commands = fc.commands<Model, StillBoxDb, false>(
      [
        fc
          .integer({ min: -2, max: 5 })
          .filter((sheets) => sheets !== 0)
          .map(taking),
        fc.integer({ min: 1, max: 60 }).map((sheets) => setting("counted", sheets)),
        fc.string({ minLength: 1, maxLength: 3 }).map((words) => setting("note", words)),
        fc.constant(null).map(throwing),
        fc.constantFrom("undo", "redo").map((way) => new Turns(way)),
        fc.nat(20).map((which) => new Turns("notice", which)),
      ] as fc.Arbitrary<Command>[],
      { size: "+1" },
    );
    await fc.assert(
      fc.asyncProperty(commands, async (list) => {
        const real = openDb(`steps-model-${++count}`);
        await saveRecord("packs", { ...PACK, note: "" }, real);
        const model: Model = { alive: true, counted: 25, note: "", taken: new Map(), steps: [] };
        try {
          await fc.asyncModelRun(() => ({ model, real }), list);
        } finally {
          await real.delete();
        }
      }),
      { seed: 24, numRuns: ORDERS },
    );
  });
});
