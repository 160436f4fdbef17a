import { failure, type Result, success } from "../../basis/units/index.ts";
import type { Fault } from "../../light/solve/index.ts";
import { schemaFaults } from "../faults.ts";
import { hangSettingsSchema } from "../generated/hang-settings.js";

/**
 * Checks how pictures were hung, all of it or some; what is unknown is kept. It is checked apart from the other settings,
 * as the darkroom's are.
 *
 * @returns the settings, or every fault with its path
 * @example parseHangSettings({ kind: "pile" }).ok // false
 */
export function parseHangSettings<T extends object>(data: T): Result<T, readonly Fault[]> {
  const faults = schemaFaults(hangSettingsSchema, data);
  return faults.length > 0 ? failure(faults) : success(data);
}
