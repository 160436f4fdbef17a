import { DEGREES } from "../../basis/units/index.ts";
import type { SunRequest } from "../site/siteAndAim.ts";
import type { SunMoment } from "./dayTrack.ts";
import { type SunFan, type SunTools, sunFan } from "./fan.ts";

/** A day of an answer; degrees, mm, minutes, ISO 8601 with the zone’s offset. */
export interface SunDay {
  readonly date: string;
  readonly noon: {
    readonly time: string;
    readonly azimuth: number;
    readonly altitude: number;
    readonly s: number | null;
    readonly t: number | null;
    readonly recorded: boolean;
  };
  readonly minutesUp: number;
  readonly minutesOverHorizon: number;
  readonly minutesRecorded: number;
  readonly track: readonly { readonly time: string; readonly s: number; readonly t: number }[];
}

/** What a stretch comes to. */
export interface SunSummary {
  /** Of the time over the horizon, the part that is recorded; `null` where the sun is never over it. */
  readonly share: number | null;
  readonly noonsRecorded: number;
  /** Days whose noon is over the horizon, yet not recorded. */
  readonly noonsOff: readonly string[];
}

/** What `POST /api/sun` answers (FORMAT). */
export interface SunAnswer {
  readonly days: readonly SunDay[];
  readonly summary: SunSummary;
}

const MINUTE = 60_000;

/**
 * The fan of the sun on a sheet, as `POST /api/sun` answers it.
 *
 * @param request checked by `parseSun`
 * @source FORMAT, `POST /api/sun`; PHYSICS section 14
 * @example sunAnswer(request, tools).summary.share // 0.71 …
 */
export function sunAnswer(request: SunRequest, tools: SunTools): SunAnswer {
  const fan = sunFan(request, tools);
  const time = fan.zone.textOf;
  const minutes = (moments: readonly SunMoment[]): number => (moments.length * fan.step) / MINUTE;
  const days = fan.days.map(({ date, noon, moments }): SunDay => {
    const recorded = moments.filter(({ isRecorded }) => isRecorded);
    return {
      date,
      noon: {
        time: time(noon.at),
        azimuth: noon.azimuth * DEGREES,
        altitude: noon.altitude * DEGREES,
        s: noon.place?.s ?? null,
        t: noon.place?.t ?? null,
        recorded: noon.isRecorded,
      },
      minutesUp: minutes(moments),
      minutesOverHorizon: minutes(moments.filter(({ isOverHorizon }) => isOverHorizon)),
      minutesRecorded: minutes(recorded),
      track: recorded.flatMap(({ at, place }) => (place === null ? [] : [{ time: time(at), s: place.s, t: place.t }])),
    };
  });
  return { days, summary: summaryOf(fan) };
}

/**
 * What a stretch comes to: the share of the sun’s time that is recorded, and the noons.
 *
 * @example summaryOf(sunFan(request, tools)).noonsOff // [] where no noon leaves the sheet
 */
export function summaryOf({ days }: SunFan): SunSummary {
  let [over, recorded] = [0, 0];
  for (const { moments } of days)
    for (const { isOverHorizon, isRecorded } of moments) {
      if (isOverHorizon) over++;
      if (isRecorded) recorded++;
    }
  return {
    share: over === 0 ? null : recorded / over,
    noonsRecorded: days.filter(({ noon }) => noon.isRecorded).length,
    noonsOff: days.filter(({ noon }) => noon.isOverHorizon && !noon.isRecorded).map(({ date }) => date),
  };
}
