import { median } from "../../basis/numeric/index.ts";
import type { LevelMap } from "./levelMap.ts";
import { followingLevel, halfLevel, type Levels, levelsOf } from "./levels.ts";
import type { GreyPicture, PixelPoint } from "./picture.ts";
import type { Patch } from "./spot.ts";
import { spotsOf } from "./spots.ts";

/** A patch that may be a hole. */
export interface Candidate extends PixelPoint {
  /** Whether light comes through it (or it is the dark spot of a picture taken by reflected light). */
  readonly bright: boolean;
  /** Diameter of the circle of the same area, px. */
  readonly size: number;
  /** Half axes of the ellipse with the same second moments, px, and the long one's direction in radians. */
  readonly long: number;
  readonly short: number;
  readonly angle: number;
  /** Level that parted it from the plate, and the contrast seen, in the picture's numbers. */
  readonly contrast: number;
}

/** Why a picture shows no hole that can be measured. */
export type NoHole =
  | { readonly reason: "no-contrast" }
  | { readonly reason: "white" }
  | { readonly reason: "noise" }
  | { readonly reason: "no-hole" }
  | { readonly reason: "cut-off"; readonly at: PixelPoint };

export interface FoundSpot {
  readonly candidates: readonly Candidate[];
  readonly levels: Levels;
  /** Level of an area that is open to the light and reaches the edge, in the picture's numbers; `null`: none. */
  readonly clear: number | null;
}

/** The least contrast, as a share of white and in standard deviations of the noise. */
const LEAST_SHARE = 0.04;
const LEAST_OVER_NOISE = 7;
/** Smallest patch looked at, pixels. */
const LEAST_AREA = 9;
/** How well a patch must fill its ellipse, and how round that must be. */
const LEAST_FILL = 0.8;
const LEAST_AXIS_RATIO = 0.35;
/** Diameters a hole for a camera can have, mm. */
const SIZES = { least: 0.02, most: 5 } as const;
/** A patch smaller than this share of the largest is dust or a pinprick, not another hole. */
const RIVAL = 0.4;

/**
 * Patches of a picture that may be the hole, the largest first: round enough, of a size a hole can have, enclosed by
 * the plate; bright ones where there are any (light from behind), else dark ones.
 *
 * @param pixel size of a pixel in mm, or `null` where it is not known yet
 */
export function findCandidates(picture: GreyPicture, pixel: number | null): FoundSpot | NoHole {
  const levels = levelsOf(picture);
  const contrast = levels.high - levels.low;
  if (levels.low > 0.97 * picture.most) return { reason: "white" };
  if (contrast < LEAST_SHARE * picture.most || contrast < LEAST_OVER_NOISE * levels.noise)
    return { reason: "no-contrast" };
  let cut: CutPatch | null = null;
  const ways = [
    () => halfLevel(picture, levels),
    () => followingLevel(picture, contrast / 3),
    () => followingLevel(picture, -contrast / 3),
  ];
  for (const level of ways) {
    const found = candidatesAt(picture, level(), levels, pixel);
    if (found === null) return { reason: "noise" };
    const [largest] = found.candidates;
    // Specks beside a far larger patch that the edge cuts are dust beside the hole.
    const dust = largest !== undefined && largest.size < 12 && (found.cut?.size ?? 0) > 4 * largest.size;
    if (largest !== undefined && !dust) return found;
    cut ??= found.cut;
  }
  return cut === null ? { reason: "no-hole" } : { reason: "cut-off", at: { x: cut.x, y: cut.y } };
}

function candidatesAt(
  picture: GreyPicture,
  level: LevelMap,
  levels: Levels,
  pixel: number | null,
): (FoundSpot & { readonly cut: CutPatch | null }) | null {
  const spots = spotsOf(picture, level);
  if (spots === null) return null;
  const inside = insides(spots);
  const whole = spots.flatMap((spot, index): Candidate[] => {
    if (spot.atEdge || spot.area < LEAST_AREA) return [];
    const shape = shapeOf(spot, inside[index] as number, levels);
    return isHoleLike(shape, pixel, picture) ? [shape.candidate] : [];
  });
  const bright = whole.filter((candidate) => candidate.bright);
  // A dark patch with a bright hole in it is the plate, not the hole.
  const chosen = bright.length > 0 && !insideAny(bright, whole) ? bright : whole.filter((each) => !each.bright);
  const sorted = [...(chosen.length > 0 ? chosen : bright)].sort((a, b) => b.size - a.size);
  const largest = sorted[0]?.size ?? 0;
  return {
    candidates: sorted.filter(({ size }) => size >= RIVAL * largest),
    levels,
    clear: clearLevel(picture, spots, levels),
    cut: cutOff(spots, picture),
  };
}

/** Pixels of all patches that lie in each patch, however deep. */
function insides(spots: readonly Patch[]): Float64Array {
  const inside = new Float64Array(spots.length);
  // A patch is met after the one around it, so the innermost are added first.
  for (let i = spots.length - 1; i >= 0; i--) {
    const { around, area } = spots[i] as Patch;
    if (around >= 0) inside[around] = (inside[around] as number) + area + (inside[i] as number);
  }
  return inside;
}

function shapeOf(
  spot: Patch,
  inside: number,
  levels: Levels,
): { readonly candidate: Candidate; readonly fill: number } {
  const area = spot.area + inside;
  const mean = (spot.xx + spot.yy) / 2;
  const apart = Math.hypot((spot.xx - spot.yy) / 2, spot.xy);
  // A pixel has an extent of its own: 1/12 px² of variance.
  const long = 2 * Math.sqrt(mean + apart + 1 / 12);
  const short = 2 * Math.sqrt(Math.max(0, mean - apart) + 1 / 12);
  return {
    fill: spot.area / (Math.PI * long * short),
    candidate: {
      bright: spot.bright,
      x: spot.x,
      y: spot.y,
      size: 2 * Math.sqrt(area / Math.PI),
      long,
      short,
      angle: Math.atan2(2 * spot.xy, spot.xx - spot.yy) / 2,
      contrast: levels.high - levels.low,
    },
  };
}

function isHoleLike(
  { candidate, fill }: ReturnType<typeof shapeOf>,
  pixel: number | null,
  { width, height }: GreyPicture,
): boolean {
  const { size, short, long } = candidate;
  const sized =
    pixel === null ? size < 0.8 * Math.min(width, height) : size * pixel >= SIZES.least && size * pixel <= SIZES.most;
  return sized && fill > LEAST_FILL && short / long > LEAST_AXIS_RATIO;
}

/** Whether all bright candidates are specks in a dark candidate: dust in a hole seen by reflected light. */
function insideAny(bright: readonly Candidate[], all: readonly Candidate[]): boolean {
  return bright.every((speck) =>
    all.some(
      (hole) =>
        !hole.bright &&
        speck.size < RIVAL * hole.size &&
        Math.hypot(speck.x - hole.x, speck.y - hole.y) + speck.size / 2 < hole.size / 2,
    ),
  );
}

/** The level of the largest bright patch that reaches the edge, where it is as bright as the brightest. */
function clearLevel(picture: GreyPicture, spots: readonly Patch[], { low, high }: Levels): number | null {
  const open = spots.filter(({ bright, atEdge, area }) => bright && atEdge && area > 400);
  const largest = open.reduce<Patch | null>(
    (best, spot) => (best === null || spot.area > best.area ? spot : best),
    null,
  );
  if (largest === null) return null;
  const values: number[] = [];
  const stride = Math.max(
    1,
    Math.floor(Math.sqrt(((largest.right - largest.left) * (largest.bottom - largest.top)) / 40_000)),
  );
  for (let y = largest.top; y <= largest.bottom; y += stride) {
    for (let x = largest.left; x <= largest.right; x += stride) {
      const value = picture.samples[y * picture.width + x] as number;
      if (value > low + 0.8 * (high - low)) values.push(value);
    }
  }
  return values.length < 50 ? null : median(values);
}

/** A patch that would be round, had the picture's edge not cut it: small, at one edge, and deep for its chord. */
function cutOff(spots: readonly Patch[], { width, height }: GreyPicture): CutPatch | null {
  const cut = spots
    .filter(({ atEdge, area }) => atEdge && area >= LEAST_AREA && area < 0.25 * width * height)
    .filter(({ left, right, top, bottom }) => {
      const [across, down] = [right - left + 1, bottom - top + 1];
      return across < 0.6 * width && down < 0.6 * height && Math.min(across, down) / Math.max(across, down) > 0.25;
    })
    .sort((a, b) => b.area - a.area)[0];
  return cut === undefined ? null : { x: cut.x, y: cut.y, size: 2 * Math.sqrt(cut.area / Math.PI) };
}

interface CutPatch extends PixelPoint {
  readonly size: number;
}
