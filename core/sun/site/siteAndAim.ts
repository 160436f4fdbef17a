import type { FilmSpec, HoleSpec } from "../../light/solve/index.ts";

/** Where a camera stands: degrees, north and east positive; metres above the sea. */
export interface SunSite {
  readonly latitude: number;
  readonly longitude: number;
  readonly height?: number | undefined;
  /** A name of the IANA database. */
  readonly timeZone: string;
}

/** Where a camera looks, degrees: from north clockwise, above the horizontal, clockwise as seen from behind it. */
export interface SunAim {
  readonly azimuth: number;
  readonly elevation?: number | undefined;
  readonly roll?: number | undefined;
}

/** The same with nothing left out. */
export type WholeAim = { readonly [Angle in keyof SunAim]-?: number };

/** A place of the horizon, degrees: azimuth from north clockwise, 0 ≤ … < 360, and altitude, 0 to 90. */
export type HorizonPoint = readonly [azimuth: number, altitude: number];

/** The fan of the sun on a sheet between two days (FORMAT, `POST /api/sun`). */
export interface SunRequest {
  readonly site: SunSite;
  readonly hole: HoleSpec;
  readonly film: FilmSpec;
  readonly aim: SunAim;
  /** Local days, YYYY-MM-DD. */
  readonly from: string;
  readonly to: string;
  readonly everyDays?: number | undefined;
  readonly stepSeconds?: number | undefined;
  /** Rising in azimuth; none: 0° all round. */
  readonly horizon?: readonly HorizonPoint[] | undefined;
}

/** What a request leaves out. FORMAT. */
export const SUN_DEFAULTS = { height: 0, elevation: 0, roll: 0, everyDays: 1, stepSeconds: 300 } as const;
/** Days of an answer, at most. FORMAT. */
export const MOST_DAYS: number = 400;
