import { type Camera, combined, measuredDiameter, measurementsOf } from "../../camera/container/index.ts";
import { fresnelScale, type Setting } from "../../light/hole/index.ts";

/** What to do with a hole as it came out. */
export type HoleVerdict =
  | { readonly action: "keep"; readonly reason: "in band" | "near band" }
  | { readonly action: "sand"; readonly reason: "burrs" | "small" }
  | { readonly action: "remake"; readonly reason: "oval" | "rough" | "large" | "small" }
  /** Keep the hole, move the sheet to this distance, mm. */
  | { readonly action: "move"; readonly distance: number };

/** A hole as it was found; mm. */
export interface FoundHole {
  readonly diameter: number;
  readonly uncertainty: number;
  /** Short over long axis; 1 where nobody saw its shape. */
  readonly axisRatio: number;
  /** Root mean square of the rim about its ellipse; 0 where nobody saw it. */
  readonly roughness: number;
}

/**
 * A hole by all its measurements: the size by which it is reckoned, the shape of the newest one that saw it.
 *
 * @returns `null` where it was not measured
 * @example foundHole(box) // null
 */
export function foundHole(camera: Camera, hole = 0): FoundHole | null {
  const own = measurementsOf(camera, hole);
  const diameter = measuredDiameter(camera, hole);
  if (diameter === null) return null;
  const seen = own.findLast(({ axisRatio }) => axisRatio != null);
  return {
    diameter,
    uncertainty: own.at(-1)?.uncertainty == null ? 0 : (combined(own)?.uncertainty ?? 0),
    axisRatio: seen?.axisRatio ?? 1,
    roughness: seen?.roughness ?? 0,
  };
}

/** Limits of shape; common practice. */
const OVAL = 0.8;
const ROUGH = { sand: 0.03, remake: 0.12 } as const;
/** A hole up to this share off the best is kept rather than made again: makers find 0.3 mm for 0.4 mm fine. */
const NEAR = 0.25;

/**
 * Keep, sand more, make again, or move the sheet to the distance whose best hole this is, z = d²/(c² λ).
 *
 * @param band diameters that keep 95 % of the finest detail, mm
 * @param best diameter the design asks for, mm
 * @param setting distance and light it asks for
 * @param reach distances at which the sheet can stand, mm; `null` where it stays where it is
 * @returns what to do, with the measure it needs
 */
export function holeVerdict(
  hole: FoundHole,
  band: readonly [low: number, high: number],
  best: number,
  setting: Setting,
  reach: readonly [nearest: number, farthest: number] | null,
): HoleVerdict {
  const { diameter, axisRatio, roughness } = hole;
  if (axisRatio < OVAL) return { action: "remake", reason: "oval" };
  if (roughness > ROUGH.remake * diameter) return { action: "remake", reason: "rough" };
  if (roughness > ROUGH.sand * diameter) return { action: "sand", reason: "burrs" };
  if (diameter + hole.uncertainty >= band[0] && diameter - hole.uncertainty <= band[1]) {
    return { action: "keep", reason: "in band" };
  }
  const distance = suitedDistance(diameter, best, setting);
  if (distance !== null && reach !== null && distance >= reach[0] && distance <= reach[1]) {
    return { action: "move", distance };
  }
  if (Math.abs(diameter / best - 1) <= NEAR) return { action: "keep", reason: "near band" };
  return diameter < best ? { action: "sand", reason: "small" } : { action: "remake", reason: "large" };
}

/**
 * The distance whose best hole this is, with the rule that gave the best one: d = c √(λ z'), 1/z' = 1/z + 1/u.
 *
 * @returns mm, or `null` where even a sheet at infinity asks for a smaller hole
 */
export function suitedDistance(diameter: number, best: number, setting: Setting): number | null {
  const constant = best / fresnelScale(setting);
  const effective = diameter ** 2 / (constant ** 2 * (setting.wavelengthNm * 1e-6));
  const { subjectDistance } = setting;
  if (subjectDistance === null) return effective;
  return effective < subjectDistance ? 1 / (1 / effective - 1 / subjectDistance) : null;
}
