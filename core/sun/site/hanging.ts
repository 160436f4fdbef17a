import { SUN_DEFAULTS, type SunAim } from "./siteAndAim.ts";

/**
 * Whether a camera hangs with its lid down: it is turned by more than a right angle about the axis of its hole.
 *
 * @example hangsUpsideDown({ azimuth: 180, roll: 180 }) // true
 */
export function hangsUpsideDown({ roll = SUN_DEFAULTS.roll }: SunAim): boolean {
  return Math.abs(roll) > 90;
}

/**
 * The same aim with the camera hung the other way up; what it was askew by stays.
 *
 * @returns roll from −180 to 180 degrees
 * @example hungOver({ azimuth: 180, roll: 3 }).roll // -177
 */
export function hungOver(aim: SunAim): SunAim {
  const { roll = SUN_DEFAULTS.roll } = aim;
  return { ...aim, roll: roll > 0 ? roll - 180 : roll + 180 };
}
