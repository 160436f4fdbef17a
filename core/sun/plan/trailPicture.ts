import { DEGREES } from "../../basis/units/index.ts";
import { printedOut } from "../../light/exposure/index.ts";
import { illumination, rayTo, sheetToScene } from "../../light/rays/index.ts";
import { directLight } from "../astronomy/airMass.ts";
import { horizonOf } from "../site/horizon.ts";
import type { SunRequest } from "../site/siteAndAim.ts";
import type { SunFan } from "./fan.ts";
import { trackWidth } from "./trackWidth.ts";
import { wrapsAround } from "./wrapsAround.ts";

/** A sheet as months of sun print it out: 0 white to 1 as dark as it gets, row by row from the top, as it lies. */
export interface TrailPicture {
  readonly width: number;
  readonly height: number;
  readonly density: Float32Array<ArrayBuffer>;
}

const HOUR = 3_600_000;
/** Light of the sky, and of the ground, over that of the sun's own disc: a stand-in. PHYSICS section 14: “a slow even grey”. */
export const SKY_OVER_SUN: number = 1e-4;
const GROUND = 2.5e-5;
/** Of that, under cloud. */
const CLOUDED = 0.6;

/** How a camera stood for a while: its aim with its days, and its weather. */
export interface CanStand {
  readonly request: SunRequest;
  readonly fan: SunFan;
  /** For each day, moment by moment, 1 where the sun shines; `null`: always. */
  readonly skies: readonly Uint8Array[] | null;
}

/**
 * The picture that a camera will make, before anything is printed: every track by its strength, the sky's own light and
 * the dark of the land.
 *
 * @param stands one, or more where it was moved on the way; all with the sheet of the first
 * @param width px
 * @returns densities over the greatest
 * @source PHYSICS section 14, “Strength of a track”: D = Dmax(1 − e^(−H/H₀)), a clear hour at noon gives half of Dmax
 * @example trailPicture([{ request, fan, skies: null }], 600).height // 429 for a sheet of 7 × 5 in
 */
export function trailPicture(stands: readonly [CanStand, ...CanStand[]], width: number): TrailPicture {
  const raster = rasterOf(stands[0].request, width);
  const light = new Float32Array(width * raster.height);
  for (const stand of stands) {
    const open = addTracks(light, stand, raster);
    const ambient = skyLight(stand.request, stand.fan, raster);
    for (const [i, share] of ambient.entries()) light[i] = (light[i] as number) + open * share;
  }
  const half = halfExposure(stands.map(({ fan }) => fan));
  return { width, height: raster.height, density: light.map((exposure) => printedOut(exposure / half)) };
}

/** Pixels of a sheet. */
export interface TrailRaster {
  readonly width: number;
  readonly height: number;
  /** Pixels a millimetre. */
  readonly scale: number;
}

/** The pixels of a sheet that is so many of them wide. */
export function rasterOf({ film }: Pick<SunRequest, "film">, width: number): TrailRaster {
  const scale = width / film.width;
  return { width, height: Math.max(1, Math.round(film.height * scale)), scale };
}

/**
 * The exposure that gives half of all the density there can be: a clear hour at the highest noon, its disc's light for so
 * many ms.
 */
export function halfExposure(fans: readonly SunFan[]): number {
  const highest = Math.max(0.01, ...fans.flatMap(({ days }) => days.map(({ noon }) => noon.altitude)));
  return HOUR * directLight(highest);
}

/**
 * Adds the light of the sun's tracks to a sheet's pixels, in the unit of {@link halfExposure}.
 *
 * @returns for how long the sheet had the sky's light, ms; less counts under cloud
 */
export function addTracks(light: Float32Array, { request, fan, skies }: CanStand, raster: TrailRaster): number {
  const { film } = request;
  const days = fan.days.length > 1 ? everyDays(fan) : 1;
  let open = 0;
  for (const [day, { moments }] of fan.days.entries()) {
    for (const [i, moment] of moments.entries()) {
      const shines = skies === null || skies[day]?.[i] === 1;
      open += days * fan.step * (shines ? 1 : CLOUDED);
      const next = moments[i + 1];
      if (!shines || !moment.isRecorded || moment.place === null) continue;
      const from = moment.place;
      const isNear = next?.place && next.at - moment.at === fan.step && !wrapsAround(film.width, from.s, next.place.s);
      stamp(light, raster, fan, days * fan.step, moment.altitude, from, isNear && next?.place ? next.place : from);
    }
  }
  return open;
}

/** Days that each one of the fan stands for. */
function everyDays({ days }: SunFan): number {
  const [first, second] = [days[0]?.noon.at ?? 0, days[1]?.noon.at ?? 0];
  return Math.max(1, Math.round((second - first) / (24 * HOUR)));
}

/** The sun's image drawn from one place to another: each pixel gets the time it was covered. */
function stamp(
  light: Float32Array,
  { width, height, scale }: TrailRaster,
  { sky }: SunFan,
  time: number,
  altitude: number,
  from: { readonly s: number; readonly t: number },
  to: { readonly s: number; readonly t: number },
): void {
  const { place, surface, aperture, distance } = sky.model;
  const ray = rayTo(place, surface, from.s, from.t);
  const strength = directLight(altitude) * illumination(aperture, distance, ray);
  const radius = Math.max(0.5, (trackWidth(sky.model, from) * scale) / 2);
  const [x0, y0] = [from.s * scale + width / 2, height / 2 - from.t * scale];
  const [dx, dy] = [(to.s - from.s) * scale, -(to.t - from.t) * scale];
  const count = Math.max(1, Math.ceil(Math.hypot(dx, dy)));
  const share = (strength * time) / count;
  for (let k = 0; k < count; k++) {
    const [x, y] = [x0 + (dx * k) / count, y0 + (dy * k) / count];
    for (let row = Math.max(0, Math.ceil(y - radius - 0.5)); row <= Math.min(height - 1, y + radius - 0.5); row++) {
      const reach = Math.sqrt(Math.max(0, radius * radius - (row + 0.5 - y) ** 2));
      const last = Math.min(width - 1, x + reach - 0.5);
      for (let column = Math.max(0, Math.ceil(x - reach - 0.5)); column <= last; column++) {
        const at = row * width + column;
        light[at] = (light[at] as number) + share;
      }
    }
  }
}

/** The sky's light and the land's at every pixel, over the sun's. */
function skyLight({ horizon = [] }: SunRequest, { sky }: SunFan, { width, height, scale }: TrailRaster): Float32Array {
  const { place, surface, aperture, distance } = sky.model;
  const horizonAt = horizonOf(horizon);
  const out = new Float32Array(width * height);
  for (let row = 0; row < height; row++) {
    for (let column = 0; column < width; column++) {
      const [s, t] = [(column + 0.5 - width / 2) / scale, (height / 2 - row - 0.5) / scale];
      const scene = sheetToScene(place, surface, { s, t });
      if (scene === null) continue;
      const direction = sky.toSky(scene);
      const isSky = direction.altitude * DEGREES > horizonAt(direction.azimuth * DEGREES);
      out[row * width + column] =
        (isSky ? SKY_OVER_SUN : GROUND) * illumination(aperture, distance, rayTo(place, surface, s, t));
    }
  }
  return out;
}
