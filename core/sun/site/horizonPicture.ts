import { findRoot } from "../../basis/numeric/index.ts";
import { bearing, DEGREES, failure, RADIANS, type Result, success } from "../../basis/units/index.ts";
import { angleBetween, dot, length, multiplied, type Vector } from "../../light/rays/index.ts";
import { vectorTo } from "./aim.ts";
import type { HorizonPoint } from "./siteAndAim.ts";

/** How a picture of a horizon was taken: through a lens, straight lines straight; or as a strip, even steps for even angles. */
export type HorizonPicture = "photograph" | "panorama";

/** A place of a picture (px from its upper left corner) whose direction is known, degrees. */
export interface KnownPlace {
  readonly x: number;
  readonly y: number;
  readonly azimuth: number;
  readonly altitude: number;
}

/** Known places must be so far apart, as a share of the picture's longer side, and in degrees. */
const APART = 0.05;
const APART_DEGREES = 1;
/** Focal lengths that a lens may have, over the picture's longer side. */
const FOCAL = [0.15, 40] as const;
/** A picture that was held more askew is rather one whose directions were mixed up, degrees. */
const ASKEW = 35;

/**
 * Where the places of a photograph or a panorama look, by two of them that are known. Through a lens, the angle between
 * the two tells its focal length, and where they lie how it was held; a panorama is turned, scaled and shifted.
 *
 * @param size px
 * @returns for a place (px from the upper left corner) its direction, degrees, azimuth 0 ≤ … < 360; a sentence where the
 *   two places fit no picture of this kind
 * @source two-point resection of a central perspective with its principal point in the middle: a textbook construction
 * @example pictureDirections("panorama", { width: 3600, height: 500 }, known).ok // true …
 */
export function pictureDirections(
  kind: HorizonPicture,
  size: { readonly width: number; readonly height: number },
  known: readonly [KnownPlace, KnownPlace],
): Result<(x: number, y: number) => { readonly azimuth: number; readonly altitude: number }, string> {
  const [one, other] = known;
  if (Math.hypot(other.x - one.x, other.y - one.y) < APART * Math.max(size.width, size.height))
    return failure("The two known places lie too near each other: take two at the sides of the picture.");
  if (angleBetween(towards(one), towards(other)) < APART_DEGREES * RADIANS)
    return failure("The two known directions are nearly the same: type where each of them looks.");
  return kind === "panorama" ? strip(known) : throughLens(size, known);
}

function strip([one, other]: readonly [KnownPlace, KnownPlace]): ReturnType<typeof pictureDirections> {
  const [left, right] = one.x <= other.x ? [one, other] : [other, one];
  const [dx, dy] = [right.x - left.x, left.y - right.y];
  // To the right is clockwise, by less than a whole turn.
  const [across, up] = [bearing(right.azimuth - left.azimuth), right.altitude - left.altitude];
  const square = dx * dx + dy * dy;
  const [scale, turn] = [(across * dx + up * dy) / square, (up * dx - across * dy) / square];
  if (!(scale > 0) || Math.abs(turn) > scale * Math.tan(ASKEW * RADIANS)) return failure(MIXED);
  return success((x, y) => {
    const [ex, ey] = [x - left.x, left.y - y];
    return {
      azimuth: bearing(left.azimuth + scale * ex - turn * ey),
      altitude: left.altitude + scale * ey + turn * ex,
    };
  });
}

const MIXED =
  "The two known places don’t fit this picture: look whether they are mixed up, and which kind of picture it is.";

function throughLens(
  { width, height }: { readonly width: number; readonly height: number },
  [one, other]: readonly [KnownPlace, KnownPlace],
): ReturnType<typeof pictureDirections> {
  const longer = Math.max(width, height);
  const rayAt = (focal: number, x: number, y: number): Vector =>
    unit({ x: x - width / 2, y: focal, z: height / 2 - y });
  const wide = angleBetween(towards(one), towards(other));
  const missing = (focal: number): number =>
    angleBetween(rayAt(focal, one.x, one.y), rayAt(focal, other.x, other.y)) - wide;
  const [short, long] = [FOCAL[0] * longer, FOCAL[1] * longer];
  if (missing(short) * missing(long) > 0) return failure(MIXED);
  const focal = findRoot(missing, short, long, 1e-6 * longer);
  const seen = axesOf(rayAt(focal, one.x, one.y), rayAt(focal, other.x, other.y));
  const world = axesOf(towards(one), towards(other));
  const turned = (ray: Vector): Vector => {
    const [a, b, c] = seen.map((axis) => dot(axis, ray)) as [number, number, number];
    const [p, q, r] = world;
    return {
      x: a * p.x + b * q.x + c * r.x,
      y: a * p.y + b * q.y + c * r.y,
      z: a * p.z + b * q.z + c * r.z,
    };
  };
  // How far the picture's own right lies off the level: the photograph was held askew, or it is another one.
  const right = turned({ x: 1, y: 0, z: 0 });
  const upwards = turned({ x: 0, y: 0, z: 1 });
  if (Math.abs(right.z) > Math.sin(ASKEW * RADIANS) || upwards.z <= 0) return failure(MIXED);
  return success((x, y) => {
    const to = turned(rayAt(focal, x, y));
    return {
      azimuth: bearing(Math.atan2(to.x, to.y) * DEGREES),
      altitude: Math.atan2(to.z, Math.hypot(to.x, to.y)) * DEGREES,
    };
  });
}

/** East, north, up. */
function towards({ azimuth, altitude }: { readonly azimuth: number; readonly altitude: number }): Vector {
  return vectorTo(azimuth * RADIANS, altitude * RADIANS);
}

function unit(vector: Vector): Vector {
  return multiplied(vector, 1 / length(vector));
}

function cross(a: Vector, b: Vector): Vector {
  return { x: a.y * b.z - a.z * b.y, y: a.z * b.x - a.x * b.z, z: a.x * b.y - a.y * b.x };
}

/** Three axes that two directions fix. */
function axesOf(one: Vector, other: Vector): readonly [Vector, Vector, Vector] {
  const across = unit(cross(one, other));
  return [one, across, cross(one, across)];
}

/**
 * A horizon with a part of it traced anew: the least arc that holds all traced points is theirs alone.
 *
 * @param traced degrees, in any order
 * @returns rising in azimuth, to a tenth of a degree; of two points at one azimuth the higher; what lies below the level is at 0
 * @example withTraced([[90, 3], [180, 8]], [[170, 12], [190, 10]]) // [[90, 3], [170, 12], [190, 10]]
 */
export function withTraced(horizon: readonly HorizonPoint[], traced: readonly HorizonPoint[]): readonly HorizonPoint[] {
  const tenth = (value: number): number => Math.round(10 * value) / 10;
  const highest = new Map<number, number>();
  for (const [azimuth, altitude] of traced) {
    const at = bearing(tenth(azimuth));
    highest.set(at, Math.max(tenth(Math.min(90, Math.max(0, altitude))), highest.get(at) ?? 0));
  }
  const own = [...highest].sort(([a], [b]) => a - b);
  const [first] = own;
  if (first === undefined) return horizon;
  // The widest gap between neighbours is what was not traced.
  const gaps = own.map(([azimuth], i) => bearing((own[i + 1] ?? first)[0] - azimuth) || 360);
  const widest = gaps.indexOf(Math.max(...gaps));
  const begin = (own[(widest + 1) % own.length] as HorizonPoint)[0];
  const long = bearing((own[widest] as HorizonPoint)[0] - begin);
  const rest = horizon.filter(([azimuth]) => bearing(azimuth - begin) > long);
  return [...rest, ...own].sort(([a], [b]) => a - b);
}
