import type { Camera, CameraSet } from "../model/camera.ts";

/**
 * Numbers of a tray's cameras that are not exposed yet, upwards.
 *
 * @returns numbers from 1
 * @example readyInSet({ count: 3, exposed: [2] }) // [1, 3]
 */
export function readyInSet({ count, exposed }: CameraSet): readonly number[] {
  return Array.from({ length: count }, (_, i) => i + 1).filter((number) => !exposed.includes(number));
}

/**
 * The camera of a tray to take next: the highest number that is ready, so that the highest number showing is the shots
 * left. `null` where all are exposed.
 *
 * @returns a number from 1, or `null`
 * @example nextInSet({ count: 9, exposed: [9, 8] }) // 7
 */
export function nextInSet(set: CameraSet): number | null {
  return readyInSet(set).at(-1) ?? null;
}

/**
 * The camera with one of its tray turned over; the same camera where there is no such number, or it was exposed before.
 *
 * @returns the design
 * @example withExposed(box, 3) === box // true
 */
export function withExposed(camera: Camera, number: number): Camera {
  const { set } = camera;
  if (set == null || !readyInSet(set).includes(number)) return camera;
  return { ...camera, set: { ...set, exposed: [...set.exposed, number] } };
}
