import { type Result, success } from "../../core/basis/units/index.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";
import { changeAsStep } from "../engine/editRecord.ts";
import type { StorageFailure } from "../engine/failure.ts";
import { readSettings, type Settings } from "./settings.ts";

/** Settings that a maker chooses in one place: each choice is a step of the engine, which Undo of that place takes back. */
export interface Choices<S extends object> {
  /** All of them, with defaults for what was never set or can't be read. */
  readonly read: (db?: StillBoxDb) => Promise<S>;
  /**
   * Writes some of them beside the others as they are stored now; what their schema does not allow is not written.
   *
   * @param what the choice is called
   */
  readonly write: (some: Partial<S>, what: string, db?: StillBoxDb) => Promise<Result<unknown, StorageFailure>>;
  /** Under which names their steps stand. */
  readonly steps: readonly { readonly name: "settings"; readonly recordId: string }[];
}

/** Changes a setting as it is stored now, as a step. */
export function chooseSetting(
  key: string,
  change: (stored: unknown) => unknown,
  what: string,
  db: StillBoxDb = theDb(),
): Promise<Result<unknown, StorageFailure>> {
  const step = { label: what, now: new Date().toISOString() };
  return changeAsStep("settings", key, (stored) => ({ id: key, value: change(stored?.value) }), step, db);
}

/** Choices that are settings each by itself, chosen one at a time. */
function choicesOf<K extends keyof Settings & string>(...keys: readonly K[]): Choices<Pick<Settings, K>> {
  return {
    read: async (db = theDb()) => {
      const settings = await readSettings(db);
      return Object.fromEntries(keys.map((key) => [key, settings[key]])) as unknown as Pick<Settings, K>;
    },
    write: async (some, what, db = theDb()) => {
      for (const [key, value] of Object.entries(some)) {
        const done = await chooseSetting(key, () => value, what, db);
        if (!done.ok) return done;
      }
      return success(null);
    },
    steps: keys.map((recordId) => ({ name: "settings", recordId })),
  };
}

/** How one is counted and heard in the Field, and whose wheel does not click. */
export const fieldChoices: Choices<Pick<Settings, "sound" | "countIn" | "clickless">> = choicesOf(
  "sound",
  "countIn",
  "clickless",
);

/** What pages are printed on. */
export const printerChoices: Choices<Pick<Settings, "paper" | "printScale">> = choicesOf("paper", "printScale");
