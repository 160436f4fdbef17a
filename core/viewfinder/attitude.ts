import { RADIANS } from "../basis/units/index.ts";
import { dot, type Vector } from "../light/rays/index.ts";
import type { PhoneAxes } from "./phoneModel.ts";
import { type Pose, phoneAxes } from "./pose.ts";

/** How a phone lies, as its browser tells it, degrees. */
export interface PhoneTurn {
  /** About the upright, anticlockwise; 0: its top edge points north (or to where it pointed at first). */
  readonly alpha: number;
  /** About its short edge: 90 upright. */
  readonly beta: number;
  /** About its long edge. */
  readonly gamma: number;
}

/**
 * The axes of a phone's picture over the ground: x east, y up, z south; so a pose in these is a heading, an elevation and a roll.
 *
 * @param screen by how much the picture on the screen is turned against the phone, degrees: 0, 90, 180 or 270
 * @returns unit vectors: the rear camera looks out of the phone's back, and the picture's up is the screen's
 * @source W3C, Device Orientation and Motion (Z-X′-Y″ turns; X east, Y north, Z up); W3C, Screen Orientation (angle)
 * @example phoneOverGround({ alpha: 0, beta: 90, gamma: 0 }, 0).forward // looks north: z −1
 */
export function phoneOverGround({ alpha, beta, gamma }: PhoneTurn, screen: number): PhoneAxes {
  const [sa, ca] = [Math.sin(alpha * RADIANS), Math.cos(alpha * RADIANS)];
  const [sb, cb] = [Math.sin(beta * RADIANS), Math.cos(beta * RADIANS)];
  const [sg, cg] = [Math.sin(gamma * RADIANS), Math.cos(gamma * RADIANS)];
  // The phone's own axes (right, top edge, out of the screen), each as east, north, up.
  const across: Vector = grounded(ca * cg - sa * sb * sg, sa * cg + ca * sb * sg, -cb * sg);
  const along: Vector = grounded(-sa * cb, ca * cb, sb);
  const out: Vector = grounded(ca * sg + sa * sb * cg, sa * sg - ca * sb * cg, cb * cg);
  const [ss, cs] = [Math.sin(screen * RADIANS), Math.cos(screen * RADIANS)];
  return { forward: scaled(out, -1), right: mixed(across, cs, along, -ss), up: mixed(across, ss, along, cs) };
}

/**
 * How a phone is held, seen from a pinhole camera that is aimed over the same ground.
 *
 * @param aim of the pinhole camera over the ground, radians: azimuth its heading from north to the right
 * @returns radians, as {@link phoneAxes} takes them
 * @source PHYSICS section 17, turned round: f⃗ gives a and e, r⃗ against r₀ and u₀ gives ρ
 * @example poseFrom({ azimuth: 0, elevation: 0, roll: 0 }, phoneAxes({ azimuth: 0.2, elevation: 0, roll: 0 })).azimuth // 0.2
 */
export function poseFrom(aim: Pose, phone: PhoneAxes): Pose {
  const camera = phoneAxes(aim);
  const seen = (v: Vector): Vector => ({ x: dot(v, camera.right), y: dot(v, camera.up), z: -dot(v, camera.forward) });
  const forward = seen(phone.forward);
  const azimuth = Math.atan2(forward.x, -forward.z);
  const elevation = Math.asin(Math.max(-1, Math.min(1, forward.y)));
  const level = phoneAxes({ azimuth, elevation, roll: 0 });
  const right = seen(phone.right);
  return { azimuth, elevation, roll: Math.atan2(-dot(right, level.up), dot(right, level.right)) };
}

/** East, north, up as x, y, z of a scene that looks north. */
function grounded(east: number, north: number, up: number): Vector {
  return { x: east, y: up, z: -north };
}

function scaled(v: Vector, by: number): Vector {
  return { x: v.x * by, y: v.y * by, z: v.z * by };
}

function mixed(one: Vector, times: number, other: Vector, timesOther: number): Vector {
  return {
    x: one.x * times + other.x * timesOther,
    y: one.y * times + other.y * timesOther,
    z: one.z * times + other.z * timesOther,
  };
}
