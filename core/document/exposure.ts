import { failure, type Result, success } from "../basis/units/index.ts";
import type { Fault } from "../light/solve/index.ts";
import { schemaFaults } from "./faults.ts";
import { exposureSchema } from "./generated/exposure.js";

/** One shot in the log. */
export interface Exposure {
  readonly id: string;
  readonly cameraId: string;
  /** The camera's name when the shot was taken: the log stays readable when the camera is gone. */
  readonly cameraName?: string;
  /** Which of a tray of cameras alike. */
  readonly number?: number | null;
  /** When the hole was opened, ISO 8601 with offset. */
  readonly openedAt: string;
  /** Seconds the hole was open, > 0. */
  readonly seconds: number;
  readonly suggestedSeconds?: number | null;
  readonly fNumber?: number;
  readonly medium?: string | null;
  readonly iso?: number;
  /** The light in words. */
  readonly light?: string;
  readonly ev?: number | null;
  readonly subject?: string;
  readonly note?: string;
}

/**
 * Checks one exposure; unknown fields are kept.
 *
 * @returns the shot, or every fault with its path
 * @example parseExposure({ id: "a" }).ok // false
 */
export function parseExposure(data: unknown): Result<Exposure, readonly Fault[]> {
  const faults = schemaFaults(exposureSchema, data);
  return faults.length > 0 ? failure(faults) : success(data as Exposure);
}
