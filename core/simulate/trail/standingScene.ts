import { RADIANS } from "../../basis/units/index.ts";
import type { Hit, PreviewScene } from "../../bench/preview/index.ts";
import { aimed, type HorizonPoint, horizonOf, SUN_DEFAULTS, type SunAim, vectorTo } from "../../sun/index.ts";

/** A scene ends beside the camera: what is farther round counts as straight to the side. */
const LEAST_AHEAD = 1e-3;
/** How finely a scene's skyline is felt for, and how high it may reach: degrees. */
const FELT = { step: 1, up: 0.5, highest: 75, round: 88 } as const;

/**
 * A scene as a camera sees it that leans and rolls, while the scene stands level before it.
 *
 * @returns the scene itself for a level camera
 * @example leanedScene({ …allotment }, { azimuth: 180, elevation: 20 }).ev // 15
 */
export function leanedScene(
  scene: PreviewScene,
  { elevation = SUN_DEFAULTS.elevation, roll = SUN_DEFAULTS.roll }: SunAim,
): PreviewScene {
  if (elevation === 0 && roll === 0) return scene;
  const { toSky } = aimed({ azimuth: 0, elevation, roll });
  return {
    ...scene,
    look: (x, y, z, hit) => {
      const { azimuth, altitude } = toSky({ azimuth: Math.atan2(x, -z), elevation: Math.asin(y) });
      const towards = vectorTo(azimuth, altitude);
      scene.look(towards.x, towards.z, -Math.max(LEAST_AHEAD, towards.y), hit);
    },
  };
}

/**
 * The horizon of a camera before a scene: what was traced of its place, and where the scene stands higher, the scene.
 *
 * @param azimuth to which the middle of the scene lies, degrees from north
 * @param traced degrees, rising in azimuth
 * @returns a point a degree all round
 * @example horizonBefore({ …allotment }, 180, []).length // 360
 */
export function horizonBefore(
  scene: PreviewScene,
  azimuth: number,
  traced: readonly HorizonPoint[],
): readonly HorizonPoint[] {
  const known = horizonOf(traced);
  return Array.from({ length: Math.round(360 / FELT.step) }, (_, i): HorizonPoint => {
    const at = i * FELT.step;
    const aside = ((at - azimuth + 540) % 360) - 180;
    return [at, Math.max(known(at), Math.abs(aside) > FELT.round ? 0 : skyline(scene, aside * RADIANS))];
  });
}

/** Altitude of what stands highest before the sky in one direction, degrees. */
function skyline(scene: PreviewScene, aside: number): number {
  const hit: Hit = { luminance: 0.5, blue: 0.5, distance: 0.5 };
  for (let altitude = FELT.highest; altitude > 0; altitude -= FELT.up) {
    const { x, y, z } = vectorTo(aside, altitude * RADIANS);
    scene.look(x, z, -y, hit);
    if (hit.distance !== Number.POSITIVE_INFINITY) return altitude;
  }
  return 0;
}
