import { leastSquares } from "../../basis/numeric/index.ts";
import { bearing, RADIANS } from "../../basis/units/index.ts";
import { rayTo, sheetToScene } from "../../light/rays/index.ts";
import { dailyEphemeris } from "../astronomy/ephemeris.ts";
import { sheetSky } from "../plan/dayTrack.ts";
import type { SunTools } from "../plan/fan.ts";
import { SUN_DEFAULTS, type SunRequest, type WholeAim } from "../site/siteAndAim.ts";
import { hourPlaceOf, sunHourPlace, timeOfHour } from "./hourPlace.ts";

/** A place of a finished sheet that is known to lie on a day's track, or on the horizon (as it was seen on a day); mm. */
export type FitPoint =
  | { readonly kind: "track"; readonly s: number; readonly t: number; readonly date: string }
  | { readonly kind: "horizon"; readonly s: number; readonly t: number; readonly date?: string };

/** How a camera turned out to have stood. */
export interface FittedAim {
  readonly aim: WholeAim;
  /** Height of the hole over the sheet's axis, mm. */
  readonly holeY: number;
  /** Standard deviations: degrees, and mm for the hole. */
  readonly sd: { readonly azimuth: number; readonly elevation: number; readonly roll: number; readonly holeY: number };
  /** Of the points, mm. */
  readonly rms: number;
}

/** How well a point is set, mm; and how far a can may have been put up otherwise than planned: degrees, mm. */
const POINT = 0.3;
const PLAN = [30, 20, 10, 2] as const;
/** Steps of the derivatives: degrees, mm. */
const STEPS = [1e-3, 1e-3, 1e-3, 1e-3] as const;
/** A place that the hole can't see is so far off, mm. */
const UNSEEN = 50;

/**
 * How a camera stood, from points of its finished sheet: least squares over azimuth, elevation,
 * roll and the hole's height. The plan itself counts as weakly known, so that few points do no harm.
 *
 * @param request the plan; its days must hold those of the points
 * @param points at least one
 * @returns the best aim and its ±; `null` without a point
 * @source PHYSICS section 14, “Reading a finished trail”
 * @example fitAim(request, points, tools).aim.azimuth // 176.4 …
 */
export function fitAim(request: SunRequest, points: readonly FitPoint[], tools: SunTools): FittedAim | null {
  if (points.length === 0) return null;
  const { aim, hole } = request;
  const start = [aim.azimuth, aim.elevation ?? SUN_DEFAULTS.elevation, aim.roll ?? SUN_DEFAULTS.roll, hole.y ?? 0];
  const errors = errorsOf(request, points, tools);
  const residuals = (at: readonly number[]): Float64Array => {
    const found = errors(at);
    const out = new Float64Array(found.length + start.length);
    out.set(found.map((error) => error / POINT));
    for (const [i, value] of at.entries()) out[found.length + i] = (value - (start[i] as number)) / (PLAN[i] as number);
    return out;
  };
  const { at, sd } = leastSquares({ residuals, start, steps: STEPS });
  const [azimuth = 0, elevation = 0, roll = 0, holeY = 0] = at;
  const [a = 0, e = 0, r = 0, y = 0] = sd;
  const found = errors(at);
  return {
    aim: { azimuth: bearing(azimuth), elevation, roll },
    holeY,
    sd: { azimuth: a, elevation: e, roll: r, holeY: y },
    rms: Math.sqrt(found.reduce((sum, error) => sum + error * error, 0) / found.length),
  };
}

/** How far each point lies from where it should, mm across its track or the horizon. */
function errorsOf(
  request: SunRequest,
  points: readonly FitPoint[],
  { ephemeris, calendar }: SunTools,
): (at: readonly number[]) => readonly number[] {
  const { site, from, to } = request;
  const zone = calendar.zoneOf(site.timeZone);
  const [latitude, longitude] = [site.latitude * RADIANS, site.longitude * RADIANS];
  const table = dailyEphemeris(ephemeris, zone.startOf(from), zone.startOf(calendar.dayAfter(to, 1)));
  const middays = points.map((point) =>
    point.kind === "track" ? (zone.startOf(point.date) + zone.startOf(calendar.dayAfter(point.date, 1))) / 2 : 0,
  );
  return ([azimuth = 0, elevation = 0, roll = 0, y = 0]) => {
    const sky = sheetSky({ ...request, aim: { azimuth, elevation, roll }, hole: { ...request.hole, y } });
    const { place, surface } = sky.model;
    return points.map((point, i) => {
      const scene = sheetToScene(place, surface, point);
      if (scene === null) return UNSEEN;
      const direction = sky.toSky(scene);
      const reach = rayTo(place, surface, point.s, point.t).length;
      if (point.kind === "horizon") return (direction.altitude - sky.horizonAt(direction.azimuth)) * reach;
      const { hour, declination } = hourPlaceOf(latitude, direction);
      const when = timeOfHour(table, longitude, hour, middays[i] as number);
      return (declination - sunHourPlace(table, longitude, when).declination) * reach;
    });
  };
}
