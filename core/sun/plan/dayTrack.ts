import { DEGREES } from "../../basis/units/index.ts";
import { illumination, rayTo, type SheetPlace, sceneToSheet } from "../../light/rays/index.ts";
import { type OpticalModel, opticalModel } from "../../light/solve/index.ts";
import { aimed, type SkyDirection } from "../site/aim.ts";
import { horizonOf } from "../site/horizon.ts";
import { noonOf } from "../site/noon.ts";
import type { SunPlace } from "../site/observer.ts";
import type { SunRequest } from "../site/siteAndAim.ts";

/** A moment of the sun: where it stands and where its light lands. */
export interface SunMoment {
  /** ms since 1970. */
  readonly at: number;
  /** Radians; altitude as seen through the air. */
  readonly azimuth: number;
  readonly altitude: number;
  /** mm from the sheet’s middle, also beside the sheet; `null` where the light does not meet its surface. */
  readonly place: SheetPlace | null;
  /** Altitude of the horizon there, radians. */
  readonly horizon: number;
  readonly isOverHorizon: boolean;
  readonly isRecorded: boolean;
}

/** The sun’s way on a sheet in one local day. */
export interface DayTrack {
  /** YYYY-MM-DD. */
  readonly date: string;
  /** The greatest altitude of the day. */
  readonly noon: SunMoment;
  /** Moments at which the sun is up, in order. */
  readonly moments: readonly SunMoment[];
}

/** What a sheet sees of the sky. */
export interface SheetSky {
  /** Where a direction of the world lands. */
  readonly land: (direction: SkyDirection) => SheetPlace | null;
  /** Whether light that lands there is recorded: inside the sheet’s edges, and not cut off. */
  readonly isLit: (place: SheetPlace) => boolean;
  /** Altitude of the horizon at an azimuth, both in radians. */
  readonly horizonAt: (azimuth: number) => number;
  readonly model: OpticalModel;
  /** A direction of the world that lands at a place of the sheet. */
  readonly toSky: ReturnType<typeof aimed>["toSky"];
  /** The zenith by the camera's own axes. */
  readonly zenith: ReturnType<typeof aimed>["zenith"];
}

/**
 * What a camera’s sheet sees of the sky, aimed and with its horizon.
 *
 * @returns the ways from the world to the sheet, radians and mm
 * @source PHYSICS sections 2 and 14
 * @example sheetSky(sunPlan).isLit({ s: 0, t: 63 }) // true
 */
export function sheetSky({ hole, film, aim, horizon = [] }: SunRequest): SheetSky {
  const model = opticalModel({ hole, film });
  const { place: from, surface, aperture, distance } = model;
  const { toScene, toSky, zenith } = aimed(aim);
  const horizonAt = horizonOf(horizon);
  const [s, t] = [film.width / 2, film.height / 2];
  return {
    model,
    toSky,
    zenith,
    land: (direction) => sceneToSheet(from, surface, toScene(direction)),
    isLit: (place) =>
      Math.abs(place.s) <= s &&
      Math.abs(place.t) <= t &&
      illumination(aperture, distance, rayTo(from, surface, place.s, place.t)) > 0,
    horizonAt: (azimuth) => horizonAt(azimuth * DEGREES) / DEGREES,
  };
}

/**
 * The sun’s way on a sheet in one day.
 *
 * @param day its name, its first instant and that of the next, ms since 1970
 * @param step ms between moments
 * @param sun where it stands at a time
 * @returns noon and every moment at which the sun is up
 * @source PHYSICS section 14, “Moments”
 * @example dayTrack({ date: "2027-06-21", from, to }, 300_000, sun, sky).moments.length // 198 …
 */
export function dayTrack(
  day: { readonly date: string; readonly from: number; readonly to: number },
  step: number,
  sun: (at: number) => SunPlace,
  sky: SheetSky,
): DayTrack {
  const moments: SunMoment[] = [];
  let [highest, best] = [Number.NEGATIVE_INFINITY, day.from];
  for (let i = 0, at = day.from; at < day.to; i++, at = day.from + i * step) {
    const place = sun(at);
    if (place.trueAltitude > highest) [highest, best] = [place.trueAltitude, at];
    if (place.apparentAltitude > 0) moments.push(momentOf(at, place, sky));
  }
  const noon = noonOf(sun, best, step, day);
  return { date: day.date, noon: momentOf(noon, sun(noon), sky), moments };
}

function momentOf(at: number, { azimuth, apparentAltitude: altitude }: SunPlace, sky: SheetSky): SunMoment {
  const place = sky.land({ azimuth, altitude });
  const horizon = sky.horizonAt(azimuth);
  const isOverHorizon = altitude > 0 && altitude > horizon;
  const isRecorded = isOverHorizon && place !== null && sky.isLit(place);
  return { at, azimuth, altitude, place, horizon, isOverHorizon, isRecorded };
}
