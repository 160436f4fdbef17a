import type { SheetPlace } from "../../../core/light/rays/index.ts";
import {
  type FitPoint,
  type FittedAim,
  fitAim,
  type SunFan,
  type SunMoment,
  type SunPlace,
  type SunRequest,
  type SunSite,
  type SunSummary,
  type SunVerdict,
  summaryOf,
  sunFan,
  sunFrom,
  sunVerdicts,
  type TrailPicture,
  trailPicture,
  USUAL_AIR,
  whenAt,
} from "../../../core/sun/index.ts";
import type { Job } from "../../transport/protocol.ts";
import { skiesOf } from "./skies.ts";
import { skyTools } from "./skyTools.ts";

/** What may be asked about the sun on a sheet; `seed` chooses a made-up sky. */
export type SunOrder =
  | { readonly kind: "fan"; readonly request: SunRequest; readonly seed: number }
  /** Where the sun stands at a local day and clock time (HH:MM). */
  | { readonly kind: "at"; readonly site: SunSite; readonly date: string; readonly clock: string }
  /** How a camera stood, by points of its sheet. */
  | { readonly kind: "fit"; readonly request: SunRequest; readonly points: readonly FitPoint[] }
  /** When the sun came to a place of the sheet. */
  | { readonly kind: "when"; readonly request: SunRequest; readonly place: SheetPlace }
  | { readonly kind: "picture"; readonly request: SunRequest; readonly width: number; readonly seed: number | null };

/** A fan, its moments of all days behind one another. */
export interface FanReport {
  readonly dates: readonly string[];
  /** First instant of each day, ms since 1970. */
  readonly dayStarts: readonly number[];
  readonly noons: readonly SunMoment[];
  /** Where each day's moments begin, and where the last one's end. */
  readonly starts: Int32Array<ArrayBuffer>;
  /** ms since 1970; radians; altitude as seen through the air. */
  readonly at: Float64Array<ArrayBuffer>;
  readonly azimuth: Float64Array<ArrayBuffer>;
  readonly altitude: Float64Array<ArrayBuffer>;
  /** mm; NaN where the light does not meet the sheet's surface. */
  readonly s: Float64Array<ArrayBuffer>;
  readonly t: Float64Array<ArrayBuffer>;
  readonly isOver: Uint8Array<ArrayBuffer>;
  readonly isRecorded: Uint8Array<ArrayBuffer>;
  /** Whether the sun shines under a made-up sky. */
  readonly shines: Uint8Array<ArrayBuffer>;
  /** Minutes between moments. */
  readonly step: number;
  readonly summary: SunSummary;
  readonly verdicts: readonly SunVerdict[];
}

export type SunReport =
  | { readonly kind: "at"; readonly place: SunPlace }
  | { readonly kind: "fan"; readonly fan: FanReport }
  | { readonly kind: "fit"; readonly fit: FittedAim | null }
  /** As local clocks have it, ISO 8601. */
  | { readonly kind: "when"; readonly times: readonly string[] }
  | { readonly kind: "picture"; readonly picture: TrailPicture };

/** The fan of a plan, the picture it will make, where the sun stands, how a camera stood, when the sun came somewhere. */
export const sun: Job<SunOrder, SunReport> = async (order) => {
  switch (order.kind) {
    case "at": {
      const at = skyTools.calendar.zoneOf(order.site.timeZone).instantOf(order.date, order.clock);
      return { output: { kind: "at", place: sunFrom(order.site, skyTools.ephemeris, USUAL_AIR)(at) }, transfer: [] };
    }
    case "fit":
      return { output: { kind: "fit", fit: fitAim(order.request, order.points, skyTools) }, transfer: [] };
    case "when": {
      const zone = skyTools.calendar.zoneOf(order.request.site.timeZone);
      const times = whenAt(order.request, skyTools)(order.place).map((at) => zone.textOf(1000 * Math.round(at / 1000)));
      return { output: { kind: "when", times }, transfer: [] };
    }
    case "fan": {
      const report = reportOf(order.request, sunFan(order.request, skyTools), order.seed);
      const { starts, at, azimuth, altitude, s, t, isOver, isRecorded, shines } = report;
      return {
        output: { kind: "fan", fan: report },
        transfer: [starts, at, azimuth, altitude, s, t, isOver, isRecorded, shines].map(({ buffer }) => buffer),
      };
    }
    case "picture": {
      const fan = sunFan(order.request, skyTools);
      const skies = order.seed === null ? null : skiesOf(fan, order.seed);
      const picture = trailPicture([{ request: order.request, fan, skies }], order.width);
      return { output: { kind: "picture", picture }, transfer: [picture.density.buffer] };
    }
    default:
      return order satisfies never;
  }
};

function reportOf(request: SunRequest, fan: SunFan, seed: number): FanReport {
  const starts = new Int32Array(fan.days.length + 1);
  for (const [i, day] of fan.days.entries()) starts[i + 1] = (starts[i] as number) + day.moments.length;
  const count = starts.at(-1) as number;
  const floats = (): Float64Array<ArrayBuffer> => new Float64Array(count);
  const bytes = (): Uint8Array<ArrayBuffer> => new Uint8Array(count);
  const [at, azimuth, altitude, s, t] = [floats(), floats(), floats(), floats(), floats()] as const;
  const [isOver, isRecorded, shines] = [bytes(), bytes(), bytes()] as const;
  let i = 0;
  for (const { moments } of fan.days)
    for (const moment of moments) {
      at[i] = moment.at;
      azimuth[i] = moment.azimuth;
      altitude[i] = moment.altitude;
      s[i] = moment.place?.s ?? Number.NaN;
      t[i] = moment.place?.t ?? Number.NaN;
      isOver[i] = moment.isOverHorizon ? 1 : 0;
      isRecorded[i] = moment.isRecorded ? 1 : 0;
      i++;
    }
  for (const [day, sky] of skiesOf(fan, seed).entries()) shines.set(sky, starts[day]);
  return {
    dates: fan.days.map(({ date }) => date),
    dayStarts: fan.days.map(({ date }) => fan.zone.startOf(date)),
    noons: fan.days.map(({ noon }) => noon),
    starts,
    at,
    azimuth,
    altitude,
    s,
    t,
    isOver,
    isRecorded,
    shines,
    step: fan.step / 60_000,
    summary: summaryOf(fan),
    verdicts: sunVerdicts(request, fan),
  };
}
