import type { Result } from "../../core/basis/units/index.ts";
import type { Fault } from "../../core/light/solve/index.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";
import { readSettings, type Settings, writeSetting } from "./settings.ts";

/** Settings of one place: they lie in one of the settings, and are checked each by itself. */
export interface SettingsPart<S extends object> {
  /** All of them, with defaults for what was never set or can't be read. */
  readonly read: (db?: StillBoxDb) => Promise<S>;
  /** Writes one of them, beside the others as they are stored now; one that is not allowed is a fault of ours. */
  readonly write: <K extends keyof S>(key: K, value: S[K], db?: StillBoxDb) => Promise<void>;
}

/** @param check some of them, by their schema */
export function settingsPart<S extends object>(
  name: "dark" | "hang",
  defaults: S,
  check: (some: object) => Result<unknown, readonly Fault[]>,
): SettingsPart<S> {
  return {
    read: async (db = theDb()) => {
      const stored = (await readSettings(db))[name];
      return {
        ...defaults,
        ...Object.fromEntries(Object.entries(stored).filter(([key, value]) => check({ [key]: value }).ok)),
      };
    },
    write: (key, value, db = theDb()) =>
      db.transaction("rw", db.settings, async () => {
        const checked = check({ [key]: value });
        if (!checked.ok) throw new Error(`the setting ${String(key)} ${checked.error[0]?.message}`);
        const others: Settings[typeof name] = (await readSettings(db))[name];
        await writeSetting(name, { ...others, [key]: value }, db);
      }),
  };
}
