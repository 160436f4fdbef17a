import { dailyEphemeris, type Ephemeris } from "../astronomy/ephemeris.ts";
import { USUAL_AIR } from "../astronomy/refraction.ts";
import { type Calendar, daysOf, type Zone } from "../site/calendar.ts";
import { sunFrom } from "../site/observer.ts";
import { SUN_DEFAULTS, type SunRequest } from "../site/siteAndAim.ts";
import { type DayTrack, dayTrack, type SheetSky, sheetSky } from "./dayTrack.ts";

/** What the sun’s ways are reckoned with, passed in. */
export interface SunTools {
  readonly ephemeris: Ephemeris;
  readonly calendar: Calendar;
}

/** All days of a stretch on one sheet. */
export interface SunFan {
  readonly days: readonly DayTrack[];
  readonly sky: SheetSky;
  readonly zone: Zone;
  /** ms between moments. */
  readonly step: number;
}

/** Days so near each other share one table of the sun; of days far apart each has its own. */
const CLOSE = 4;

/**
 * The fan of the sun on a sheet: the way of every day of a stretch.
 *
 * @param request checked by `parseSun`
 * @returns the days in order
 * @source PHYSICS section 14; FORMAT, `POST /api/sun`
 * @example sunFan(request, tools).days[0].noon.place // { s: 0, t: -17.3 } …
 */
export function sunFan(request: SunRequest, { ephemeris, calendar }: SunTools): SunFan {
  const { site, from, to, everyDays = SUN_DEFAULTS.everyDays, stepSeconds = SUN_DEFAULTS.stepSeconds } = request;
  const zone = calendar.zoneOf(site.timeZone);
  const step = 1000 * stepSeconds;
  const sky = sheetSky(request);
  const spans = daysOf(calendar, from, to, everyDays).map((date) => ({
    date,
    from: zone.startOf(date),
    to: zone.startOf(calendar.dayAfter(date, 1)),
  }));
  // A noon is looked for up to a step beyond its day.
  const sunBetween = (begin: number, end: number) =>
    sunFrom(site, dailyEphemeris(ephemeris, begin - step, end + step), USUAL_AIR);
  const whole = everyDays <= CLOSE ? sunBetween(spans[0]?.from ?? 0, spans.at(-1)?.to ?? 0) : null;
  const days = spans.map((day) => dayTrack(day, step, whole ?? sunBetween(day.from, day.to), sky));
  return { days, sky, zone, step };
}
