import { failure, type Result } from "../../core/basis/units/index.ts";
import type { Fault } from "../../core/light/solve/index.ts";
import { theDb } from "../engine/db.ts";
import { storageFailure } from "../engine/failure.ts";
import { type Choices, chooseSetting } from "./choices.ts";
import { readSettings } from "./settings.ts";

/**
 * Choices of one place that lie in one of the settings, and are checked each by itself.
 *
 * @param check some of them, by their schema
 */
export function settingsPart<S extends object>(
  name: "dark" | "hang",
  defaults: S,
  check: (some: object) => Result<unknown, readonly Fault[]>,
): Choices<S> {
  return {
    read: async (db = theDb()) => {
      const stored = (await readSettings(db))[name];
      return {
        ...defaults,
        ...Object.fromEntries(Object.entries(stored).filter(([key, value]) => check({ [key]: value }).ok)),
      };
    },
    write: async (some, what, db = theDb()) => {
      const checked = check(some);
      // What can't be read beside it stays where it lies; what is no list of settings gives way.
      const beside = (stored: unknown): object => (typeof stored === "object" && stored !== null ? stored : {});
      if (!checked.ok) return failure(storageFailure("invalid", checked.error));
      return chooseSetting(name, (stored) => ({ ...beside(stored), ...some }), what, db);
    },
    steps: [{ name: "settings", recordId: name }],
  };
}
