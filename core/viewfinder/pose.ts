import type { Vector } from "../light/rays/index.ts";
import type { PhoneAxes } from "./phoneModel.ts";

/** How a phone is held, in scene directions of the pinhole camera; all 0: along that camera's own axis, upright. */
export interface Pose {
  /** Radians to the right. */
  readonly azimuth: number;
  /** Radians up. */
  readonly elevation: number;
  /** Radians clockwise, as somebody behind the phone sees it. */
  readonly roll: number;
}

/**
 * The axes of a phone's picture as it is held.
 *
 * @returns unit vectors at right angles to each other
 * @source PHYSICS section 17: f⃗ = (cos e sin a, sin e, −cos e cos a), r₀ = (cos a, 0, sin a), u₀ = r₀ × f⃗
 * @example phoneAxes({ azimuth: 0, elevation: 0, roll: 0 }).up // { x: 0, y: 1, z: 0 }
 */
export function phoneAxes({ azimuth, elevation, roll }: Pose): PhoneAxes {
  const [sinA, cosA] = [Math.sin(azimuth), Math.cos(azimuth)];
  const [sinE, cosE] = [Math.sin(elevation), Math.cos(elevation)];
  const [sinR, cosR] = [Math.sin(roll), Math.cos(roll)];
  const level: Vector = { x: cosA, y: 0, z: sinA };
  const above: Vector = { x: -sinE * sinA, y: cosE, z: sinE * cosA };
  return {
    forward: { x: cosE * sinA, y: sinE, z: -cosE * cosA },
    right: sum(level, cosR, above, -sinR),
    up: sum(above, cosR, level, sinR),
  };
}

function sum(one: Vector, times: number, other: Vector, timesOther: number): Vector {
  return {
    x: one.x * times + other.x * timesOther,
    y: one.y * times + other.y * timesOther,
    z: one.z * times + other.z * timesOther,
  };
}
