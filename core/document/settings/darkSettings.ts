import { failure, type Result, success } from "../../basis/units/index.ts";
import type { Fault } from "../../light/solve/index.ts";
import { schemaFaults } from "../faults.ts";
import { darkSettingsSchema } from "../generated/dark-settings.js";

/**
 * Checks settings of the darkroom, all or some of them; unknown ones are kept. They are checked apart from the others: the
 * first screen reads those, and has no use for these.
 *
 * @returns the settings, or every fault with its path
 * @example parseDarkSettings({ q10: 0 }).ok // false
 */
export function parseDarkSettings<T extends object>(data: T): Result<T, readonly Fault[]> {
  const faults = schemaFaults(darkSettingsSchema, data);
  return faults.length > 0 ? failure(faults) : success(data);
}
