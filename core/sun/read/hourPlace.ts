import { DAY_MS, TURN } from "../../basis/units/index.ts";
import type { Ephemeris } from "../astronomy/ephemeris.ts";
import { refracted, USUAL_AIR } from "../astronomy/refraction.ts";
import type { SkyDirection } from "../site/aim.ts";

/** A place of the sky by the Earth's turn, radians: hour angle (west positive, −π to π) and declination. */
export interface HourPlace {
  readonly hour: number;
  readonly declination: number;
}

/** Rounds that give the altitude without air to 1e-9. */
const ROUNDS = 6;

/**
 * The hour angle and declination of a direction of the world, seen through the air.
 *
 * @param latitude radians
 * @source Meeus, Astronomical Algorithms, chapter 13, from memory; parallax (9″) is left out
 * @example hourPlaceOf(0, { azimuth: 0, altitude: Math.PI / 4 }).hour // 0
 */
export function hourPlaceOf(latitude: number, { azimuth, altitude }: SkyDirection): HourPlace {
  let airless = altitude;
  for (let i = 0; i < ROUNDS; i++) airless = altitude - (refracted(airless, USUAL_AIR) - airless);
  const [sin, cos] = [Math.sin(latitude), Math.cos(latitude)];
  const [up, flat] = [Math.sin(airless), Math.cos(airless)];
  const north = flat * Math.cos(azimuth);
  return {
    hour: Math.atan2(-flat * Math.sin(azimuth), up * cos - north * sin) + 0,
    declination: Math.asin(Math.min(1, Math.max(-1, up * sin + north * cos))),
  };
}

/**
 * The direction of the world, seen through the air, of an hour angle and declination: the inverse of {@link hourPlaceOf}.
 *
 * @param latitude radians
 * @returns radians; azimuth 0 ≤ … < 2π
 * @example directionOf(0, { hour: 0, declination: 0 }).altitude // 1.5707…
 */
export function directionOf(latitude: number, { hour, declination }: HourPlace): SkyDirection {
  const [sin, cos] = [Math.sin(latitude), Math.cos(latitude)];
  const towards = Math.cos(declination) * Math.cos(hour);
  const north = Math.sin(declination) * cos - towards * sin;
  const east = -Math.cos(declination) * Math.sin(hour);
  const angle = Math.atan2(east, north);
  return {
    azimuth: angle < 0 ? angle + TURN : angle,
    altitude: refracted(Math.atan2(Math.sin(declination) * sin + towards * cos, Math.hypot(north, east)), USUAL_AIR),
  };
}

/**
 * The sun's hour angle and declination at a time.
 *
 * @param longitude radians, east positive
 * @param at ms since 1970
 * @example sunHourPlace(ephemeris, 0, at).declination // 0.409… at midsummer …
 */
export function sunHourPlace({ sun, sidereal }: Ephemeris, longitude: number, at: number): HourPlace {
  const { x, y, z } = sun(at);
  const hour = sidereal(at) + longitude - Math.atan2(y, x);
  return { hour: hour - TURN * Math.round(hour / TURN), declination: Math.atan2(z, Math.hypot(x, y)) };
}

/**
 * When the sun comes to an hour angle, nearest to a time.
 *
 * @param near ms since 1970
 * @returns ms since 1970, within half a day of it; to 1 ms
 * @example timeOfHour(ephemeris, 0, 0, at) // the nearest noon …
 */
export function timeOfHour(ephemeris: Ephemeris, longitude: number, hour: number, near: number): number {
  let at = near;
  for (let i = 0; i < 3; i++) {
    const left = hour - sunHourPlace(ephemeris, longitude, at).hour;
    at += ((left - TURN * Math.round(left / TURN)) / TURN) * DAY_MS;
  }
  return at;
}
