import type { Fault } from "../light/solve/index.ts";
import type { Disturbance, FitPoint, HorizonPoint, SunAim, SunSite } from "../sun/index.ts";
import { horizonFaults } from "./requests/parseSun.ts";

/** A months-long exposure: planned, put up, taken down. */
export interface Trail {
  readonly id: string;
  readonly name?: string;
  readonly cameraId?: string | null;
  readonly site: SunSite & { readonly name?: string };
  readonly aim: SunAim;
  /** When it was last changed, ISO 8601 with offset. */
  readonly updatedAt?: string;
  readonly horizon?: readonly HorizonPoint[];
  /** Local days, YYYY-MM-DD. */
  readonly from: string;
  readonly to: string;
  /** Tape off, and tape on again. */
  readonly up?: TrailEvent | null;
  readonly down?: TrailEvent | null;
  /** Who puts it up, where exactly, and how they are reached. */
  readonly who?: string;
  readonly where?: string;
  readonly contact?: string;
  /** Steps ticked off. */
  readonly done?: readonly string[];
  /** As it turned out to have looked. */
  readonly fittedAim?: SunAim | null;
  readonly reading?: TrailReading | null;
  readonly note?: string;
}

/** A finished sheet: its scan, what was set on it, what came of it. */
export interface TrailReading {
  /** SHA-256 of the scan. */
  readonly picture: string;
  /** Of the file. */
  readonly name?: string;
  /** Turns clockwise of the sheet in its scan. */
  readonly quarters?: 0 | 1 | 2 | 3;
  readonly points?: readonly FitPoint[];
  /** Height of the hole over the sheet’s axis as it was found, mm. */
  readonly holeY?: number;
  /** What befell the camera on the way. */
  readonly mishap?: Disturbance | null;
}

/** When the tape went off or on. */
export interface TrailEvent {
  /** ISO 8601 with offset. */
  readonly at: string;
  readonly note?: string;
}

/**
 * What the rules between a trail's fields find, beside its schema.
 *
 * @example trailFaults({ from: "2027-06-21", to: "2026-12-21" })[0].path // "/to"
 */
export function trailFaults({ from, to, horizon }: Trail): readonly Fault[] {
  const days = to < from ? [{ path: "/to", message: `must be ${from} or later` }] : [];
  return [...days, ...horizonFaults(horizon, "/horizon")];
}

/**
 * Whether a months-long exposure hangs out: its tape is off, and not on again.
 *
 * @example hangsOut({ up: { at: "2026-12-21T08:00:00Z" } }) // true
 */
export function hangsOut({ up, down }: Partial<Trail>): boolean {
  return up != null && down == null;
}

/**
 * Of a camera's months-long exposures the one that is meant: the one that hangs out, else the one whose days begin last.
 *
 * @param trails of one camera
 * @example trailAtHand([]) // null
 */
export function trailAtHand(trails: readonly Trail[]): Trail | null {
  return trails.find(hangsOut) ?? [...trails].sort((a, b) => (a.from < b.from ? 1 : -1))[0] ?? null;
}
