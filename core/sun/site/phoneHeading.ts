import { bearing, failure, RADIANS, type Result, success, turnBetween } from "../../basis/units/index.ts";

/** How a phone lies, degrees, as the W3C's DeviceOrientation events tell it; `heading` where the phone tells that itself. */
export interface DeviceOrientation {
  readonly alpha: number | null;
  readonly beta: number | null;
  readonly gamma: number | null;
  readonly heading?: number | null | undefined;
}

/** A phone that leans more than this is not laid flat, degrees. */
const FLAT = 25;
/** Readings that scatter more are no direction, degrees. */
const STEADY = 12;

/**
 * Where the top edge of a phone that lies flat points, by its own compass.
 *
 * @param lies some readings, one after another
 * @returns degrees from magnetic north, clockwise, 0 ≤ … < 360; or why not
 * @source W3C, Device Orientation and Motion (alpha grows anticlockwise; 0 is north); the mean of directions: by their vectors
 * @example phoneHeading([{ alpha: 180, beta: 0, gamma: 0 }]) // { ok: true, value: 180 }
 */
export function phoneHeading(lies: readonly DeviceOrientation[]): Result<number, string> {
  const told = lies.flatMap(({ alpha, beta, gamma, heading }) => {
    const towards = heading ?? (alpha === null ? null : 360 - alpha);
    return towards === null || beta === null || gamma === null ? [] : [{ towards, beta, gamma }];
  });
  if (told.length === 0) return failure("This device tells no direction: type what a compass says.");
  if (told.some(({ beta, gamma }) => Math.abs(beta) > FLAT || Math.abs(gamma) > FLAT))
    return failure("Lay it flat, screen up, and press again.");
  const [east, north] = told.reduce(
    ([x, y], { towards }) => [x + Math.sin(towards * RADIANS), y + Math.cos(towards * RADIANS)],
    [0, 0],
  );
  const mean = Math.atan2(east, north) / RADIANS;
  const off = told.map(({ towards }) => Math.abs(turnBetween(mean, towards)));
  if (Math.max(...off) > STEADY)
    return failure("It can’t make up its mind: move it in a figure of eight, away from steel, and press again.");
  return success(bearing(mean));
}
