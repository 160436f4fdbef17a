import { RADIANS } from "../../../../core/basis/units/index.ts";
import type { Vector } from "../../../../core/light/rays/index.ts";
import type { HorizonPoint } from "../../../../core/sun/index.ts";
import { readableDay } from "../../../../ui/format/localTime.ts";
import type { FanReport } from "../../../../workers/jobs/sun/sun.ts";

/** A line over the ground: the sun's way on a day, or the horizon that was traced; x east, y up, z south. */
export interface GroundLine {
  /** What is written at it; `null`: nothing, it is the horizon. */
  readonly name: string | null;
  readonly points: readonly Vector[];
}

/**
 * The sun's highest way, its lowest and the one in the middle, of the days that a camera hangs out.
 *
 * @returns the highest first; one where the days are alike
 */
export function sunWays({ dates, noons, starts, azimuth, altitude }: FanReport): readonly GroundLine[] {
  const byHeight = dates.map((_, day) => day).sort((a, b) => noonHeight(b) - noonHeight(a));
  function noonHeight(day: number): number {
    return noons[day]?.altitude ?? 0;
  }
  const [highest, lowest] = [byHeight[0], byHeight.at(-1)];
  if (highest === undefined || lowest === undefined) return [];
  const half = (noonHeight(highest) + noonHeight(lowest)) / 2;
  const middle = byHeight.find((day) => noonHeight(day) <= half) ?? lowest;
  return [...new Set([highest, middle, lowest])].map((day) => ({
    name: readableDay(`${dates[day]}T12:00:00Z`),
    points: Array.from({ length: (starts[day + 1] ?? 0) - (starts[day] ?? 0) }, (_, i) => {
      const at = (starts[day] ?? 0) + i;
      return towards(azimuth[at] ?? 0, altitude[at] ?? 0);
    }),
  }));
}

/** The horizon as it was traced in a plan, degrees there. */
export function tracedHorizon(horizon: readonly HorizonPoint[]): GroundLine {
  return { name: null, points: horizon.map(([azimuth, height]) => towards(azimuth * RADIANS, height * RADIANS)) };
}

function towards(azimuth: number, altitude: number): Vector {
  const flat = Math.cos(altitude);
  return { x: flat * Math.sin(azimuth), y: Math.sin(altitude), z: -flat * Math.cos(azimuth) };
}
