import { fresnelScale, type Optimum, optimum, resolution, type Setting } from "../../light/hole/index.ts";
import { opticalModel } from "../../light/solve/index.ts";
import { type Camera, DEFAULT_CONTRAST, type DesignLight, solveRequest, targetDiameter } from "../container/index.ts";

/** What hole a design wants, and what else does: the one answer for Bench, Make, tool tables and kits; lengths in mm. */
export interface HoleToMake {
  /** What the design asks for: the computed best unless the maker chose a school or a size of their own. */
  readonly target: number;
  /** The computed best at the chosen contrast. */
  readonly best: number;
  /** Diameters that keep at least 95 % of the best's finest detail. */
  readonly band: readonly [low: number, high: number];
  /** Up to here a larger hole keeps at least three quarters of it. */
  readonly soft: number;
  readonly setting: Setting;
  readonly contrast: number;
}

/**
 * The contrast at which a design wants two lines told apart.
 *
 * @example contrastOf(box) // 0.2
 */
export function contrastOf(camera: Camera): number {
  return camera.chambers[0].aim?.contrast ?? DEFAULT_CONTRAST;
}

/** The share of the best's finest detail that counts as the same. PHYSICS section 1. */
const SAME = 0.95;

/**
 * The best hole at a contrast, with the band that looks the same: what {@link holeToMake} starts from.
 *
 * @example idealAt(0.2).constant // 1.523…
 */
export function idealAt(contrast: number): Optimum {
  return optimum(contrast, SAME);
}

/**
 * The hole to make: the diameter of most detail at the chosen contrast, for the distance, the light the medium sees and
 * the subject's distance.
 *
 * @param ideal optimum for the design's contrast, with its band of 95 %
 * @returns lengths in mm
 * @source PHYSICS section 1: d = c(κ)·√(λz′), 1/z′ = 1/z + 1/u
 * @example holeToMake(box, paper, ideal).best // 0.26737…
 */
export function holeToMake(camera: Camera, light: DesignLight, ideal: Optimum, hole = 0): HoleToMake {
  const { setting, contrast } = opticalModel(solveRequest(camera, light, hole));
  const scale = fresnelScale(setting);
  const [low, high] = ideal.band;
  return {
    target: targetDiameter(camera, light, ideal, hole),
    best: ideal.constant * scale,
    band: [low * scale, high * scale],
    soft: ideal.soft * scale,
    setting,
    contrast,
  };
}

/**
 * What share of the best's finest detail a diameter keeps.
 *
 * @param diameter mm, > 0
 * @returns 0 to 1
 * @example shareOf(0.31, holeToMake(box, paper, ideal)) // 0.886…
 */
export function shareOf(diameter: number, { best, setting, contrast }: HoleToMake): number {
  return resolution(diameter, setting, contrast) / resolution(best, setting, contrast);
}
