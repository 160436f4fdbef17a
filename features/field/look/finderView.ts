import { DEGREES } from "../../../core/basis/units/index.ts";
import type { BoardPlace } from "../../../core/camera/container/index.ts";
import type { Vector } from "../../../core/light/rays/index.ts";
import type { SunAim } from "../../../core/sun/index.ts";
import {
  type FrameLines,
  type PhoneModel,
  type PicturePoint,
  type Pose,
  phoneAxes,
  seenAt,
  seenBy,
} from "../../../core/viewfinder/index.ts";

/** How far a phone's view is made smaller to show what lies beside it. */
const SMALLEST = 0.3;
/** Points farther out than so many of the picture's halves are beside the question how large a frame is. */
const FAR_OUT = 4;

/** Something near, and where the phone's lens is then: straight above the hole; mm. */
export interface NearThing {
  /** From the hole; `null`: all is far. */
  readonly distance: number | null;
  readonly above: number;
}

/** A phone that lies on a box of usual size. */
export const USUAL_NEAR: NearThing = { distance: null, above: 80 };

/** Where a phone over the middle of a board sees what lies in a direction of one that stands on it, at the near thing's distance. */
export function seesNear(
  phone: PhoneModel,
  pose: Pose,
  { distance, above }: NearThing,
  { x, y }: BoardPlace = { x: 0, y: 0 },
): ReturnType<typeof seenBy> {
  return seenBy({ phone, pose: inDegrees(pose), offset: [-x, above, y], subjectDistance: distance });
}

/** A phone's camera by its focal length as a share of the picture's diagonal. */
export function phoneOf(width: number, height: number, focal: number): PhoneModel {
  return { width, height, focalLength: focal * Math.hypot(width, height), centre: [width / 2, height / 2], k1: 0 };
}

/**
 * By how much the phone's view is drawn smaller, so that the whole frame is in sight.
 *
 * @returns 1: the phone sees all of it; no less than a third
 */
export function viewScale({ outlines }: FrameLines<Vector>, phone: PhoneModel): number {
  const seen = seenBy({ phone });
  const off = outlines.flatMap((outline) =>
    outline.map((direction) => {
      const at = seen(direction);
      if (at === null) return FAR_OUT;
      return Math.min(FAR_OUT, Math.max(Math.abs(at[0] / phone.width - 0.5), Math.abs(at[1] / phone.height - 0.5)) * 2);
    }),
  );
  return Math.min(1, Math.max(SMALLEST, 1 / (1.06 * Math.max(...off, 1 / 1.06))));
}

/** A pose in degrees, as {@link seenBy} takes it. */
export function inDegrees({ azimuth, elevation, roll }: Pose): { azimuth: number; elevation: number; roll: number } {
  return { azimuth: azimuth * DEGREES, elevation: elevation * DEGREES, roll: roll * DEGREES };
}

/** The horizon in a phone's picture: the directions of no height, all round the phone that is held so over the ground. */
export function horizonIn(phone: PhoneModel, held: Pose): readonly PicturePoint[] {
  const axes = phoneAxes(held);
  const points: PicturePoint[] = [];
  for (let off = -80; off <= 80; off += 4) {
    const azimuth = held.azimuth + off / DEGREES;
    const at = seenAt(phone, axes, { x: Math.sin(azimuth), y: 0, z: -Math.cos(azimuth) });
    if (at !== null) points.push(at);
  }
  return points;
}

/** The angles that hold a whole frame, straight ahead in their middle, degrees. */
export function anglesAround({ outlines }: FrameLines<Vector>): { readonly across: number; readonly down: number } {
  const directions = outlines.flat().filter((direction) => direction !== null);
  const widest = Math.max(...directions.map(({ x, z }) => Math.abs(Math.atan2(x, -z))));
  const highest = Math.max(...directions.map(({ y }) => Math.abs(Math.asin(y))));
  const whole = (half: number): number => Math.min(176, 2 * half * DEGREES + 4);
  return { across: whole(widest), down: whole(highest) };
}

/** A finger on the picture, as the turn that keeps what lies under it there, radians. */
export function dragged(
  from: PicturePoint,
  to: PicturePoint,
  focalLength: number,
): Pick<Pose, "azimuth" | "elevation"> {
  return {
    azimuth: Math.atan2(to[0] - from[0], focalLength),
    elevation: -Math.atan2(to[1] - from[1], focalLength),
  };
}

/** A plan's aim as a pose over the ground, radians. */
export function aimOf({ azimuth = 180, elevation = 0, roll = 0 }: SunAim): Pose {
  return { azimuth: azimuth / DEGREES, elevation: elevation / DEGREES, roll: roll / DEGREES };
}
