import { DAY_MS, RADIANS } from "../../basis/units/index.ts";
import { type SheetPlace, sheetToScene } from "../../light/rays/index.ts";
import { dailyEphemeris } from "../astronomy/ephemeris.ts";
import { sheetSky } from "../plan/dayTrack.ts";
import type { SunTools } from "../plan/fan.ts";
import type { SunRequest } from "../site/siteAndAim.ts";
import { hourPlaceOf, sunHourPlace, timeOfHour } from "./hourPlace.ts";

/** As wide as the sun draws, half of it, and the hole: a place so far beyond the last track still belongs to it, radians. */
const BESIDE = 0.4 * RADIANS;

/**
 * When the sun stood where a place of the sheet looks: a time of day, and the one or two days on which it came there.
 *
 * @param request the camera as it stood, and its days
 * @returns for each place, ms since 1970, in order; none where the sun never came there
 * @source PHYSICS section 14: “each place on the sheet has a time of day and one or two dates”
 * @example whenAt(request, tools)({ s: 0, t: -40 }) // [1806408000000] …
 */
export function whenAt(
  request: SunRequest,
  { ephemeris, calendar }: SunTools,
): (place: SheetPlace) => readonly number[] {
  const { site, from, to } = request;
  const zone = calendar.zoneOf(site.timeZone);
  const [begin, end] = [zone.startOf(from), zone.startOf(calendar.dayAfter(to, 1))];
  const table = dailyEphemeris(ephemeris, begin - DAY_MS, end + DAY_MS);
  const [latitude, longitude] = [site.latitude * RADIANS, site.longitude * RADIANS];
  const sky = sheetSky(request);
  const { place: hole, surface } = sky.model;
  return (place) => {
    const scene = sheetToScene(hole, surface, place);
    if (scene === null) return [];
    const { hour, declination } = hourPlaceOf(latitude, sky.toSky(scene));
    const times: number[] = [];
    const lefts: number[] = [];
    let first = timeOfHour(table, longitude, hour, begin + DAY_MS / 2);
    if (first < begin) first = timeOfHour(table, longitude, hour, first + DAY_MS);
    for (let at = first; at < end; at = timeOfHour(table, longitude, hour, at + DAY_MS)) {
      times.push(at);
      lefts.push(sunHourPlace(table, longitude, at).declination - declination);
    }
    const found: number[] = [];
    for (const [i, left] of lefts.entries()) {
      const [before, next] = [lefts[i - 1], lefts[i + 1]];
      // Each day is nearest to what lies within half the way to its neighbours; at the ends, and where the sun turns, to what lies a little beyond.
      const isCrossed =
        (next !== undefined && left * next <= 0 && Math.abs(left) <= Math.abs(next)) ||
        (before !== undefined && left * before < 0 && Math.abs(left) < Math.abs(before));
      const isTurn =
        Math.abs(left) < BESIDE &&
        (before === undefined || (Math.abs(left) <= Math.abs(before) && left * before > 0)) &&
        (next === undefined || (Math.abs(left) < Math.abs(next) && left * next > 0));
      if (isCrossed || isTurn) found.push(Math.round(times[i] as number));
    }
    return found;
  };
}
