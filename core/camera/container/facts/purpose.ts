import type { Camera } from "../model/camera.ts";

/**
 * Whether a camera is for the sun's trails of weeks and months: its sheet is never developed, and nobody counts seconds.
 *
 * @example isTrail(box) // false
 */
export function isTrail({ purpose }: Camera): boolean {
  return purpose === "trail";
}
