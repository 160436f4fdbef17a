import { failure, type Result, success } from "../../basis/units/index.ts";
import { crossChecks, type Fault } from "../../light/solve/index.ts";
import { type Calendar, type HorizonPoint, MOST_DAYS, SUN_DEFAULTS, type SunRequest } from "../../sun/index.ts";
import { schemaFaults } from "../faults.ts";
import { sunSchema } from "../generated/sun.js";

/**
 * Checks a request of `POST /api/sun` against its schema and the rules between fields.
 *
 * @param data parsed JSON
 * @param calendar knows days and time zones
 * @returns the request, or every fault with its JSON Pointer
 * @source FORMAT, `POST /api/sun`
 * @example parseSun({ from: "2027-02-29" }, calendar).ok // false …
 */
export function parseSun(data: unknown, calendar: Calendar): Result<SunRequest, readonly Fault[]> {
  const faults = schemaFaults(sunSchema, data);
  if (faults.length > 0) return failure(faults);
  const request = data as SunRequest;
  const zone = calendar.isZone(request.site.timeZone)
    ? []
    : [{ path: "/site/timeZone", message: "must be a time zone of the IANA database, such as Europe/London" }];
  const crossed = [
    ...crossChecks(request),
    ...zone,
    ...dayFaults(request, calendar),
    ...horizonFaults(request.horizon, "/horizon"),
  ];
  return crossed.length > 0 ? failure(crossed) : success(request);
}

function dayFaults({ from, to, everyDays = SUN_DEFAULTS.everyDays }: SunRequest, calendar: Calendar): readonly Fault[] {
  const unread = (["from", "to"] as const).filter((name) => !calendar.isDay({ from, to }[name]));
  if (unread.length > 0) {
    return unread.map((name) => ({
      path: `/${name}`,
      message: "must be a day of the calendar as YYYY-MM-DD, such as 2026-12-21",
    }));
  }
  const days = Math.floor(calendar.daysBetween(from, to) / everyDays) + 1;
  if (days < 1) return [{ path: "/to", message: `must be ${from} or later` }];
  return days <= MOST_DAYS
    ? []
    : [{ path: "/to", message: `makes ${days} days; at most ${MOST_DAYS} in an answer: come nearer, or take fewer` }];
}

/**
 * What the points of a horizon break beside their schema: they rise in azimuth.
 *
 * @param path of the horizon
 * @example horizonFaults([[90, 3], [90, 4]], "/horizon")[0].path // "/horizon/1/0"
 */
export function horizonFaults(horizon: readonly HorizonPoint[] | undefined, path: string): readonly Fault[] {
  return (horizon ?? []).flatMap(([azimuth], index) => {
    const before = horizon?.[index - 1];
    return before === undefined || azimuth > before[0]
      ? []
      : [{ path: `${path}/${index}/0`, message: `must be above the azimuth before it, ${before[0]}` }];
  });
}
