import { dot, type Vector } from "../light/rays/index.ts";

/** A phone's camera: a pinhole with one focal length and at most one radial term. */
export interface PhoneModel {
  /** Pixels of its picture. */
  readonly width: number;
  readonly height: number;
  /** Pixels, above 0. */
  readonly focalLength: number;
  /** Where its axis meets the picture, pixels from the upper left corner (pixel centres at whole numbers + 0.5). */
  readonly centre: readonly [number, number];
  /** Radial term, −0.5 … 0.5; 0: none. */
  readonly k1: number;
}

/** A phone's picture axes in the pinhole camera's frame: forward, right and up, unit vectors. */
export interface PhoneAxes {
  readonly forward: Vector;
  readonly right: Vector;
  readonly up: Vector;
}

/** A place in a picture, pixels: x to the right, y down. */
export type PicturePoint = readonly [x: number, y: number];

/**
 * Where a direction (or a place seen from the phone's lens) falls in its picture.
 *
 * @param towards in the frame of the axes, of any length
 * @returns pixels, in the picture or beside it; `null`: it lies beside or behind the phone and is not seen
 * @source PHYSICS section 17
 * @example seenAt({ width: 200, height: 100, focalLength: 100, centre: [100, 50], k1: 0 }, phoneAxes({ azimuth: 0, elevation: 0, roll: 0 }), { x: 1, y: 0, z: -1 }) // [200, 50]
 */
export function seenAt(phone: PhoneModel, { forward, right, up }: PhoneAxes, towards: Vector): PicturePoint | null {
  const ahead = dot(towards, forward);
  if (!(ahead > 0)) return null;
  const [across, above] = [dot(towards, right) / ahead, dot(towards, up) / ahead];
  const stretch = 1 + phone.k1 * (across * across + above * above);
  const [cx, cy] = phone.centre;
  return [cx + phone.focalLength * stretch * across, cy - phone.focalLength * stretch * above];
}
