import { failure, type Result, success } from "../basis/units/index.ts";
import type { ReciprocityRule } from "../light/exposure/index.ts";
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
  readonly loadId?: string | null;
  /** Chamber, number or frame of the load. */
  readonly place?: string | null;
  /** What the sum said, before the long-time rule and before what was learnt, s. */
  readonly meteredSeconds?: number | null;
  /** The medium's long-time rule then. */
  readonly longTime?: ReciprocityRule;
  /** What it shares its light with: a row of the light table, or a meter. */
  readonly lightKey?: string | null;
  /** Id of the meter it was read with. */
  readonly meter?: string | null;
  readonly spots?: readonly Spot[];
  /** What was seen through a phone before the hole opened. */
  readonly view?: KeptView | null;
  /** SHA-256 of the photograph that was metered. */
  readonly picture?: string | null;
  readonly where?: string;
  readonly position?: { readonly latitude: number; readonly longitude: number } | null;
  readonly weather?: string;
  readonly judged?: Judgement | null;
  readonly spoilt?: Spoilt | null;
  /** How it was developed. */
  readonly developed?: Developed | null;
  /** A time known to be right, entered without a shot. */
  readonly tested?: boolean;
}

/** What was seen through a phone, round the camera's axis, kept as a picture of even angles both ways. */
export interface KeptView {
  /** SHA-256 of the picture: grey, sRGB; clear where nothing was seen. */
  readonly picture: string;
  /** What it spans from left to right, degrees. */
  readonly across: number;
  /** Share of it that was seen, 0 to 1. */
  readonly seen: number;
}

/** What a negative said of its time. */
export interface Judgement {
  /** Stops it should have been longer (negative: shorter). */
  readonly correction: number;
  readonly by: "sheets" | "words" | "scan" | "tested";
  /** Much of the sheet held nothing: it may have wanted still more than that. */
  readonly atLeast?: boolean;
  /** Standard deviation of the correction, stops, where that is known. */
  readonly sd?: number;
  readonly at: string;
}

/** How a shot's sheet was developed, as far as the log shows it; the rest is in its development. */
export interface Developed {
  readonly developmentId: string;
  readonly at: string;
  readonly recipe?: string;
  /** In the developer. */
  readonly seconds?: number;
  readonly celsius?: number;
  /** Whether it got a dose of even light before the developer. */
  readonly postFlashed?: boolean;
}

/** Why a shot says nothing about the time. */
export type Spoilt = "moved" | "leak" | "fogged" | "covered" | "developed" | "other";

/** A place of a photograph that was metered: 0 to 1 from its left and top, and its EV₁₀₀. */
export interface Spot {
  readonly part: "shadow" | "middle" | "highlight";
  readonly x: number;
  readonly y: number;
  readonly ev: number;
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
