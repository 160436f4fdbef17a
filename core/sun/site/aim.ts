import { RADIANS } from "../../basis/units/index.ts";
import { dot, type SceneDirection, type Vector } from "../../light/rays/index.ts";
import { SUN_DEFAULTS, type SunAim } from "./siteAndAim.ts";

/** A direction of the world, radians: azimuth from north clockwise, altitude. */
export interface SkyDirection {
  readonly azimuth: number;
  readonly altitude: number;
}

/** A camera’s axes in the world (x east, y north, z up). */
interface Axes {
  readonly forward: Vector;
  readonly right: Vector;
  readonly up: Vector;
}

/**
 * The ways between directions of the world and of a camera’s scene.
 *
 * @param aim degrees
 * @returns both ways; inverses of each other
 * @source PHYSICS section 14: F = (cos e sin a, cos e cos a, sin e), R = (cos a, −sin a, 0), U = R × F, roll ρ
 * @example aimed({ azimuth: 180 }).toScene({ azimuth: Math.PI, altitude: 0.5 }).elevation // 0.5
 */
export function aimed(aim: SunAim): {
  readonly toScene: (direction: SkyDirection) => SceneDirection;
  readonly toSky: (direction: SceneDirection) => SkyDirection;
  /** The zenith by the camera's own axes: x to its right, y forward, z up. */
  readonly zenith: Vector;
} {
  const { forward, right, up } = axesOf(aim);
  return {
    zenith: { x: right.z, y: forward.z, z: up.z },
    toScene: ({ azimuth, altitude }) => {
      const towards = vectorTo(azimuth, altitude);
      return {
        azimuth: Math.atan2(dot(towards, right), dot(towards, forward)),
        elevation: Math.asin(Math.min(1, Math.max(-1, dot(towards, up)))),
      };
    },
    toSky: ({ azimuth, elevation }) => {
      const { x: across, y: along, z: high } = vectorTo(azimuth, elevation);
      const east = across * right.x + along * forward.x + high * up.x;
      const north = across * right.y + along * forward.y + high * up.y;
      const above = across * right.z + along * forward.z + high * up.z;
      const angle = Math.atan2(east, north);
      return { azimuth: angle < 0 ? angle + 2 * Math.PI : angle, altitude: Math.atan2(above, Math.hypot(east, north)) };
    },
  };
}

/**
 * The unit vector of a direction: x to the right (east), y forward (north), z up.
 *
 * @param across from forward to the right, radians
 * @param up radians
 * @example vectorTo(0, 0) // { x: 0, y: 1, z: 0 }
 */
export function vectorTo(across: number, up: number): Vector {
  const flat = Math.cos(up);
  return { x: flat * Math.sin(across), y: flat * Math.cos(across), z: Math.sin(up) };
}

function axesOf({ azimuth, elevation = SUN_DEFAULTS.elevation, roll = SUN_DEFAULTS.roll }: SunAim): Axes {
  const [a, e, r] = [azimuth * RADIANS, elevation * RADIANS, roll * RADIANS];
  const forward = { x: Math.cos(e) * Math.sin(a), y: Math.cos(e) * Math.cos(a), z: Math.sin(e) };
  const level = { x: Math.cos(a), y: -Math.sin(a), z: 0 };
  // R × F.
  const upright = {
    x: level.y * forward.z - level.z * forward.y,
    y: level.z * forward.x - level.x * forward.z,
    z: level.x * forward.y - level.y * forward.x,
  };
  const [sin, cos] = [Math.sin(r), Math.cos(r)];
  return { forward, right: mixed(level, cos, upright, -sin), up: mixed(upright, cos, level, sin) };
}

function mixed(one: Vector, share: number, other: Vector, rest: number): Vector {
  return {
    x: one.x * share + other.x * rest,
    y: one.y * share + other.y * rest,
    z: one.z * share + other.z * rest,
  };
}
