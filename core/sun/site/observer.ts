import { RADIANS } from "../../basis/units/index.ts";
import type { Vector } from "../../light/rays/index.ts";
import type { Ephemeris } from "../astronomy/ephemeris.ts";
import { type Air, refracted } from "../astronomy/refraction.ts";
import type { SunSite } from "./siteAndAim.ts";

/** Where the sun stands: radians, azimuth from north clockwise, 0 ≤ … < 2π. */
export interface SunPlace {
  readonly azimuth: number;
  /** As seen through the air. */
  readonly apparentAltitude: number;
  readonly trueAltitude: number;
}

/** Equator’s radius over the astronomical unit, km: WGS 84 (rounded) and IAU 2012 resolution B2. */
const EQUATOR_AU = 6378.137 / 149_597_870.7;
/** Flattening of WGS 84. */
const FLATTENING = 1 / 298.257_223_563;
const KM_PER_M = 0.001;
const AU_PER_KM = 1 / 149_597_870.7;

/**
 * Looks at the sun from a place on the Earth: parallax of the ellipsoid and refraction included.
 *
 * @param site degrees, metres
 * @returns the sun’s place at a time (ms since 1970)
 * @source PHYSICS sections 10 and 14; the observer on the ellipsoid: Meeus, Astronomical Algorithms, chapter 11, from memory
 * @example sunFrom({ latitude: 90, longitude: 0, timeZone: "UTC" }, ephemeris, USUAL_AIR)(at).altitude // about the sun’s declination …
 */
export function sunFrom(site: SunSite, ephemeris: Ephemeris, air: Air): (at: number) => SunPlace {
  const latitude = site.latitude * RADIANS;
  const [sin, cos] = [Math.sin(latitude), Math.cos(latitude)];
  const height = (site.height ?? 0) * KM_PER_M * AU_PER_KM;
  const curve = EQUATOR_AU / Math.sqrt(cos * cos + (1 - FLATTENING) ** 2 * sin * sin);
  // Of the observer, from the Earth’s axis and from its equator, au.
  const out = (curve + height) * cos;
  const north = (curve * (1 - FLATTENING) ** 2 + height) * sin;
  return (at) => {
    const sun = ephemeris.sun(at);
    const turn = ephemeris.sidereal(at) + site.longitude * RADIANS;
    const [sinTurn, cosTurn] = [Math.sin(turn), Math.cos(turn)];
    const towards = sun.x * cosTurn + sun.y * sinTurn - out;
    const east = sun.y * cosTurn - sun.x * sinTurn;
    const up = sun.z - north;
    return placeOf({ x: east, y: up * cos - towards * sin, z: towards * cos + up * sin }, air);
  };
}

/** East, north and up, of any length. */
function placeOf({ x, y, z }: Vector, air: Air): SunPlace {
  const airless = Math.atan2(z, Math.hypot(x, y));
  const angle = Math.atan2(x, y);
  return {
    azimuth: angle < 0 ? angle + 2 * Math.PI : angle,
    apparentAltitude: refracted(airless, air),
    trueAltitude: airless,
  };
}
