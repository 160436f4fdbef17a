import { MM_PER_NM, RADIANS } from "../../basis/units/index.ts";
import { fresnelScale, type Optimum, type Setting } from "../../light/hole/index.ts";
import {
  type Camera,
  combined,
  type DesignLight,
  type HoleMount,
  holeMount,
  isTrail,
  measuredDiameter,
  measurementsOf,
  TRAIL_HOLES,
} from "../container/index.ts";
import { type HoleToMake, holeToMake, shareOf } from "./holeToMake.ts";
import { sheetReach } from "./sheetReach.ts";

/** What to do with a hole as it came out, or as it is wished for. */
export type HoleVerdict =
  | { readonly action: "keep"; readonly reason: "in band" | "near band" | "as wished" | "as bought" | "for trails" }
  | { readonly action: "sand"; readonly reason: "burrs" | "small" }
  | { readonly action: "remake"; readonly reason: "oval" | "rough" | "large" | "small" }
  /** Keep the hole, move the sheet to this distance, mm. */
  | { readonly action: "move"; readonly distance: number }
  /** Not made yet, and designed so: a choice, not a fault. */
  | { readonly action: "wish"; readonly reason: "larger" | "smaller" };

/** A hole with all that is judged of it. */
export interface JudgedHole {
  readonly toMake: HoleToMake;
  /** As it was measured; `null`: not yet. */
  readonly found: FoundHole | null;
  /** As measured, else as designed, mm. */
  readonly diameter: number;
  /** Share of the best's finest detail that it keeps, 0 to 1. */
  readonly share: number;
  /** How much quicker than the best, stops; below 0: slower. */
  readonly quicker: number;
  readonly mount: HoleMount;
  /** How the sun draws through it, where the camera is for trails; `null`: it is for pictures. */
  readonly sun: SunThroughHole | null;
  readonly verdict: HoleVerdict;
}

/** What a hole for the sun's trails is held against, mm on the sheet. */
export interface SunThroughHole {
  /** The sun's own disc. */
  readonly disc: number;
  /** Between the tracks of two days, where they lie farthest apart: at an equinox. */
  readonly dayStep: number;
  /** Diameters that are usual. */
  readonly usual: readonly [least: number, most: number];
}

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

/** The sun's disc, and the most its declination changes in a day, radians; mean angular diameter 32′ and 24′ a day at the equinox (Meeus, Astronomical Algorithms, from memory). */
const SUN = { disc: (32 / 60) * RADIANS, dayStep: (24 / 60) * RADIANS } as const;

/** Limits of shape; common practice. */
const OVAL = 0.8;
const ROUGH = { sand: 0.03, remake: 0.12 } as const;
/** A hole that keeps this much is kept rather than made again: makers find 0.3 mm for 0.4 mm fine. */
const NEAR = 0.75;
/** A hole is as wished within this share of the diameter that the maker chose; common practice. */
const AS_WISHED = 0.1;

/**
 * The one judgement of a hole: keep, sand more, make again, or move the sheet to the distance whose best hole it is.
 *
 * @param ideal optimum for the design's contrast, with its band of 95 %
 * @param hole number of the hole
 * @returns the verdict with all it was reckoned from
 * @example judgeHole(box, paper, ideal).verdict // { action: "keep", reason: "in band" }
 */
export function judgeHole(camera: Camera, light: DesignLight, ideal: Optimum, hole = 0): JudgedHole {
  const toMake = holeToMake(camera, light, ideal, hole);
  const found = foundHole(camera, hole);
  const diameter = found?.diameter ?? toMake.target;
  const share = shareOf(diameter, toMake);
  const verdict = found === null ? wished(diameter, toMake) : verdictOn(found, share, toMake, camera);
  const mount = holeMount(camera);
  const sun = isTrail(camera)
    ? {
        disc: toMake.setting.distance * SUN.disc,
        dayStep: toMake.setting.distance * SUN.dayStep,
        usual: [TRAIL_HOLES.least, TRAIL_HOLES.most] as const,
      }
    : null;
  const kept = mount === "bought" && verdict.action !== "move" && verdict.action !== "keep";
  return {
    toMake,
    found,
    diameter,
    share,
    quicker: 2 * Math.log2(diameter / toMake.best),
    mount,
    sun,
    // Its own picture is the trail: fine detail, an oval or a burr of a twentieth of the sun's disc don't show in it.
    verdict: sun ? { action: "keep", reason: "for trails" } : kept ? { action: "keep", reason: "as bought" } : verdict,
  };
}

function wished(diameter: number, { band }: HoleToMake): HoleVerdict {
  if (diameter > band[1]) return { action: "wish", reason: "larger" };
  return diameter < band[0] ? { action: "wish", reason: "smaller" } : { action: "keep", reason: "in band" };
}

function verdictOn(hole: FoundHole, share: number, toMake: HoleToMake, camera: Camera): HoleVerdict {
  const { diameter, axisRatio, roughness, uncertainty } = hole;
  const { band, best, target } = toMake;
  if (axisRatio < OVAL) return { action: "remake", reason: "oval" };
  if (roughness > ROUGH.remake * diameter) return { action: "remake", reason: "rough" };
  if (roughness > ROUGH.sand * diameter) return { action: "sand", reason: "burrs" };
  if (diameter + uncertainty >= band[0] && diameter - uncertainty <= band[1]) {
    return { action: "keep", reason: "in band" };
  }
  if (Math.abs(diameter / target - 1) <= AS_WISHED) return { action: "keep", reason: "as wished" };
  const distance = suitedDistance(diameter, best, toMake.setting);
  const reach = sheetReach(camera);
  if (distance !== null && reach !== null && distance >= reach[0] && distance <= reach[1]) {
    // Nobody sets a sheet to more than a tenth of a millimetre.
    return { action: "move", distance: Math.round(distance * 10) / 10 };
  }
  if (share >= NEAR) return { action: "keep", reason: "near band" };
  return diameter < target ? { action: "sand", reason: "small" } : { action: "remake", reason: "large" };
}

/**
 * The distance whose best hole this is, with the rule that gave the best one: d = c √(λ z'), 1/z' = 1/z + 1/u.
 *
 * @returns mm, or `null` where even a sheet at infinity asks for a smaller hole
 */
export function suitedDistance(diameter: number, best: number, setting: Setting): number | null {
  const constant = best / fresnelScale(setting);
  const effective = diameter ** 2 / (constant ** 2 * (setting.wavelengthNm * MM_PER_NM));
  const { subjectDistance } = setting;
  if (subjectDistance === null) return effective;
  return effective < subjectDistance ? 1 / (1 / effective - 1 / subjectDistance) : null;
}
