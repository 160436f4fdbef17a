import { failure, type Result, success } from "../../basis/units/index.ts";
import type { Fault } from "../../light/solve/index.ts";
import { schemaFaults } from "../faults.ts";
import { settingsSchema } from "../generated/settings.js";

/**
 * Checks settings, all or some of them; unknown ones are kept.
 *
 * @returns the settings, or every fault with its path
 * @example parseSettings({ unit: "furlong" }) // a fault at /unit
 */
export function parseSettings<T extends object>(data: T): Result<T, readonly Fault[]> {
  const faults = schemaFaults(settingsSchema, data);
  return faults.length > 0 ? failure(faults) : success(data);
}
