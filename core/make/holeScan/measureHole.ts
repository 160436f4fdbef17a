import { lightOfNumber } from "../../basis/pictureValues/index.ts";
import { failure, type Result, success } from "../../basis/units/index.ts";
import { type Candidate, findCandidates, type NoHole } from "./candidates.ts";
import { type Field, fieldRound } from "./field.ts";
import { type Outline, outlineOf } from "./outline.ts";
import type { Decoding, GreyPicture, PixelPoint } from "./picture.ts";
import { type OutlineShape, outlineShape } from "./shape.ts";

/** A hole measured from a picture; lengths in px, to be multiplied by the size of a pixel. */
export interface HoleOutline
  extends Pick<OutlineShape, "feretLeast" | "feretGreatest" | "circularity" | "axisRatio" | "roughness" | "centre"> {
  /** 2√(A/π). */
  readonly diameter: number;
  /** Standard uncertainty of the diameter. */
  readonly uncertainty: number;
  readonly points: readonly PixelPoint[];
  readonly dust: readonly (PixelPoint & { readonly size: number })[];
  readonly burrs: readonly (PixelPoint & { readonly out: number })[];
  /** Blur of the rim, standard deviation. */
  readonly blur: number;
  /** How the file's numbers were read. */
  readonly encoding: "linear" | "srgb";
  /** The diameter if they mean the other: where the file does not say; else `null`. */
  readonly otherwise: number | null;
  readonly warnings: readonly HoleWarning[];
}

export type HoleWarning =
  | "few-pixels"
  | "clipped"
  | "light-from-spread"
  | "blurred"
  | "noisy"
  | "undid-srgb"
  | "numbers-unsaid"
  | "dust"
  | "burrs"
  | "oval";

/** Why a hole could not be measured, with the places the maker may point to. */
export type HoleRefusal =
  | NoHole
  | { readonly reason: "several"; readonly candidates: readonly PixelPoint[] }
  | { readonly reason: "not-there" }
  | { readonly reason: "saturated" }
  | { readonly reason: "blurred" };

export interface HoleQuestion {
  readonly picture: GreyPicture;
  /** Size of a pixel in mm, or `null` while it is not known. */
  readonly pixel: number | null;
  /** A place in or beside the hole that is meant, px. */
  readonly at: PixelPoint | null;
}

/** Below this many pixels across, light is summed instead of following the half level (PHYSICS section 8). */
const FEW_PIXELS = 10;
/** Below this many the ± is wide and advice is given. */
const VERY_FEW_PIXELS = 6;

/**
 * Measures the hole in a picture of its plate: finds it, reads its levels, follows its rim between the pixels.
 *
 * @param question a scan or photograph, light from behind or reflected, linear or sRGB numbers
 * @returns the hole in pixels, or why there is none to be measured
 * @source PHYSICS section 8. Accuracy, tested on made-up scans: the larger of 2 % and 0.3 px
 * @example measureHole({ picture: { width: 40, height: 40, samples: new Uint8Array(1600), most: 255, encoding: null }, pixel: null, at: null }).error // { reason: "no-contrast" }
 */
export function measureHole({ picture, pixel, at }: HoleQuestion): Result<HoleOutline, HoleRefusal> {
  const found = findCandidates(picture, pixel);
  if ("reason" in found) return failure(found);
  const chosen = chosenCandidate(found.candidates, at);
  if ("reason" in chosen) return failure(chosen);
  return refined(picture, chosen, found.clear);
}

function chosenCandidate(candidates: readonly Candidate[], at: PixelPoint | null): Candidate | HoleRefusal {
  const [largest] = candidates;
  if (largest === undefined) return { reason: "no-hole" };
  if (at === null) {
    if (candidates.length === 1) return largest;
    return { reason: "several", candidates: candidates.slice(0, 20).map(({ x, y }) => ({ x, y })) };
  }
  const away = ({ x, y }: Candidate): number => Math.hypot(x - at.x, y - at.y);
  const nearest = candidates.reduce((best, each) => (away(each) < away(best) ? each : best));
  return away(nearest) <= Math.max(1.5 * nearest.size, nearest.size + 20) ? nearest : { reason: "not-there" };
}

/** A reading of the rim under one way of decoding the numbers. */
interface Reading {
  readonly field: Field;
  readonly outline: Outline;
  readonly encoding: "linear" | "srgb";
}

/** A rim bent by more than this towards its bright side, px, is one of sRGB numbers. */
const BENT = 0.045;

function refined(picture: GreyPicture, hole: Candidate, clear: number | null): Result<HoleOutline, HoleRefusal> {
  const best = bestReading(picture, hole, clear);
  if (best === null) return failure({ reason: "blurred" });
  const { field, outline } = best;
  const radius = Math.sqrt(Math.max(outline.halfArea, 1) / Math.PI);
  if (radius > 5 && outline.blur > 0.6 * radius) return failure({ reason: "blurred" });
  if (isSaturated(field, outline)) return failure({ reason: "saturated" });
  if (picture.encoding !== null) return success(finished(best, null));
  const encoding = best.encoding === "linear" ? "srgb" : "linear";
  const rim = readRim(picture, hole, (share) => lightOfNumber(encoding, share), clear);
  return success(finished(best, rim && finished({ ...rim, encoding }, null).diameter));
}

/**
 * The numbers read as the file says. Where it says nothing they are taken as light itself, unless the rim's dark half is
 * so much steeper than its bright half that they must be meant for screens. (sRGB numbers shift a blurred rim more than
 * they bend it, so that only a wide blur gives them away.)
 */
function bestReading(picture: GreyPicture, hole: Candidate, clear: number | null): Reading | null {
  const read = (encoded: Exclude<GreyPicture["encoding"], null>): Reading | null => {
    const rim = readRim(picture, hole, (share) => lightOfNumber(encoded, share), clear);
    // Whatever curve a profile has, it was undone.
    return rim && { ...rim, encoding: encoded === "linear" ? "linear" : "srgb" };
  };
  const believed = read(picture.encoding ?? "linear");
  if (believed === null || picture.encoding !== null || believed.field.lightFrom === "spread") return believed;
  const { skew, skewNoise } = believed.outline;
  if (skew > -BENT - 3 * skewNoise) return believed;
  const other = read("srgb");
  return other !== null && Math.abs(other.outline.skew) < Math.abs(skew) / 2 ? other : believed;
}

/** Reads levels and rim; once more with a wider margin where the blur asks for it. */
function readRim(
  picture: GreyPicture,
  hole: Candidate,
  decode: Decoding,
  clear: number | null,
): Pick<Reading, "field" | "outline"> | null {
  let margin = hole.short < 7 ? 3 : 4;
  let last: Pick<Reading, "field" | "outline"> | null = null;
  for (let round = 0; round < 3; round++) {
    const field = fieldRound(picture, hole, decode, margin, clear);
    const smooth = hole.short < 6 ? 0 : field !== null && field.noise > 0.06 ? 2 : 1;
    const outline = field === null ? null : outlineOf(field, hole, margin, smooth);
    if (field === null || outline === null) {
      // No rim is left when room is made for its blur: then what was read in the narrower band was no rim.
      return last !== null && last.outline.blur > 0.25 * hole.short ? null : last;
    }
    last = { field, outline };
    if (3 * outline.blur <= margin) return last;
    margin = Math.ceil(3 * outline.blur) + 1;
  }
  // Its blur keeps outgrowing the room it is given: there is no rim.
  return null;
}

/** Over-exposed: the inside is at the scale's end and the rim's dark half is drawn out over its bright half. */
function isSaturated(field: Field, { skew, blur, skewNoise }: Outline): boolean {
  return field.clipped > 0.5 && skew > Math.max(0.035, 0.05 * blur + 3 * skewNoise);
}

/** @param otherwise the diameter if the numbers mean the other, where the file does not say */
function finished({ field, outline, encoding }: Reading, otherwise: number | null): HoleOutline {
  const across = 2 * Math.sqrt(outline.lightArea / Math.PI);
  const few = across < FEW_PIXELS;
  const diameter = few ? across : 2 * Math.sqrt(outline.halfArea / Math.PI);
  const shape = outlineShape(outline.points, few ? 0 : Math.max(4, 60 * field.noise));
  // The shape's lengths follow the area that is believed.
  const scale = diameter / (2 * Math.sqrt(shape.area / Math.PI));
  const unsaid = otherwise !== null && encoding === "linear";
  // What the file does not say is as uncertain as the two readings lie apart.
  const apart = unsaid ? Math.abs(otherwise - diameter) : 0;
  const uncertainty = Math.hypot(uncertaintyOf(field, outline, diameter), apart);
  const warnings: HoleWarning[] = [
    ...(diameter < VERY_FEW_PIXELS ? (["few-pixels"] as const) : []),
    ...(field.clipped > 0.5 ? (["clipped"] as const) : []),
    ...(field.lightFrom === "spread" ? (["light-from-spread"] as const) : []),
    ...(outline.blur > 0.12 * diameter && diameter >= VERY_FEW_PIXELS ? (["blurred"] as const) : []),
    ...(field.noise > 0.08 ? (["noisy"] as const) : []),
    ...(unsaid ? (["numbers-unsaid"] as const) : []),
    ...(encoding === "srgb" ? (["undid-srgb"] as const) : []),
    ...(outline.dust.length > 0 ? (["dust"] as const) : []),
    ...(shape.burrs.length > 0 ? (["burrs"] as const) : []),
    ...(shape.axisRatio < 0.9 ? (["oval"] as const) : []),
  ];
  return {
    diameter,
    uncertainty,
    feretLeast: shape.feretLeast * scale,
    feretGreatest: shape.feretGreatest * scale,
    circularity: Math.min(1, shape.circularity),
    axisRatio: shape.axisRatio,
    roughness: shape.roughness * scale,
    centre: shape.centre,
    points: outline.points,
    dust: outline.dust,
    burrs: shape.burrs,
    blur: outline.blur,
    encoding,
    otherwise: unsaid ? otherwise : null,
    warnings,
  };
}

/** Part of a pixel by which a rim's place is uncertain whatever is done: common practice in edge finding. */
const PIXEL_SHARE = 0.08;

/**
 * Standard uncertainty of the diameter, px: a share of a pixel; the level's doubt through the rim's slope (the half
 * level moves by √(2π) σ per unit of level on each side); what noise leaves; unevenness of the blur.
 */
function uncertaintyOf({ unsure, noise, lightFrom }: Field, { blur, skew }: Outline, diameter: number): number {
  const level =
    lightFrom === "inside" && diameter >= FEW_PIXELS ? Math.sqrt(2 * Math.PI) * blur * unsure : (diameter / 2) * unsure;
  const grain = (2 * noise) / Math.sqrt(Math.max(1, diameter));
  const few = diameter < VERY_FEW_PIXELS ? 0.08 * diameter : 0;
  return Math.hypot(2 * PIXEL_SHARE, 2 * level, grain, Math.abs(skew), few);
}
