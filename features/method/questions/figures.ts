import { type Camera, cameraFNumber, withHole } from "../../../core/camera/container/index.ts";
import { type Medium, sheetTime } from "../../../core/light/exposure/index.ts";
import { type Surface, sceneToSheet } from "../../../core/light/rays/index.ts";

/** How long a camera takes in each of some lights. */
export function timesIn<Light extends { readonly name: string; readonly ev: number }>(
  lights: readonly Light[],
  camera: Camera,
  medium: Medium,
): readonly (Light & { readonly seconds: number })[] {
  const n = cameraFNumber(camera, medium);
  return lights.map((light) => ({ ...light, seconds: sheetTime(light.ev, n, medium) }));
}

/** Steady rain against a grey sky, stops; common practice. */
const RAIN = 1;

/** The EV of steady rain, from that of a grey sky. */
export function rainEv(greySky: number): number {
  return greySky - RAIN;
}

/** The same camera with another hole, whatever was measured of its own. */
export function withOtherHole(camera: Camera, diameter: number): Camera {
  return { ...withHole(camera, { diameter }), measurements: [] };
}

/** Between the smallest and the largest hole that a slider offers, mm: a third and three times the camera's best. */
export function holesToTry(best: number): readonly [number, number] {
  return [best / 3, best * 3];
}

/** What one box comes to against another of the same kind that is so many times as deep, each with its own best hole. */
export interface Grown {
  readonly times: number;
  readonly distance: number;
  readonly hole: number;
  readonly fNumber: number;
  readonly seconds: number;
  /** Lines from side to side, against the first. */
  readonly lines: number;
  /** Paper, against the first. */
  readonly paper: number;
}

/**
 * The same box smaller and larger.
 *
 * @param best its own best hole, mm: it grows by √z
 * @param ev of the light
 * @source PHYSICS sections 1 and 3: the hole's spot grows by √z, the picture by z
 */
export function grown(
  camera: Camera,
  medium: Medium,
  best: number,
  ev: number,
  by: readonly number[],
): readonly Grown[] {
  return by.map((times) => {
    const distance = camera.chambers[0].film.distance * times;
    const hole = best * Math.sqrt(times);
    const fNumber = distance / hole;
    return {
      times,
      distance,
      hole,
      fNumber,
      seconds: sheetTime(ev, fNumber, medium),
      lines: Math.sqrt(times),
      paper: times ** 2,
    };
  });
}

/** How far a straight fence before the camera rises over its hole, and how wide it is looked at, shares of its distance. */
const FENCE = { over: 0.35, half: 1.2 } as const;

/**
 * Where a straight, level fence lands on a sheet that is bent more and more, laid out flat.
 *
 * @param bend 0: flat; 1: curled round a can with the hole in its wall
 * @returns points of the laid-out sheet, mm; what misses it is left out
 */
export function fenceOnSheet(distance: number, bend: number): readonly (readonly [number, number])[] {
  const middle = { x: 0, y: 0, distance };
  const surface: Surface =
    bend <= 0
      ? { kind: "flat", ...middle, tiltX: 0, tiltY: 0 }
      : { kind: "cylinder", ...middle, radius: distance / 2 / bend, slide: 0 };
  const points: (readonly [number, number])[] = [];
  for (let k = -24; k <= 24; k++) {
    const across = (FENCE.half * k) / 24;
    const azimuth = Math.atan(across);
    const elevation = Math.atan2(FENCE.over, Math.hypot(1, across));
    const at = sceneToSheet({ x: 0, y: 0, z: 0 }, surface, { azimuth, elevation });
    if (at !== null) points.push([at.s, at.t]);
  }
  return points;
}
