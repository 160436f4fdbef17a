import { median } from "../../basis/numeric/index.ts";
import type { Line, PlanePoint, Quad } from "../../basis/plane/index.ts";
import { type Encoding, lightTable, type NegativeScan, readRow } from "../model/negativeScan.ts";
import { fittedSide } from "./fittedSide.ts";
import { fourCorners, hullOf } from "./fourCorners.ts";

/** A picture made small: mean light of square blocks. */
export interface SmallPicture {
  readonly width: number;
  readonly height: number;
  /** Pixels of the scan for one of it. */
  readonly step: number;
  readonly light: Float32Array;
}

/** A sheet as it was found. */
export interface FoundSheet {
  readonly corners: Quad;
  /** How straight each side is, from each corner to the next, 0 to 1: see {@link fittedSide}. */
  readonly straight: readonly [number, number, number, number];
}

/** Longer side of the small picture that a sheet is looked for in, px. */
const SMALL = 800;
/** The frame of the small picture that shows the lid, px. */
const FRAME = 3;
/** A place is no lid that lies so many of the lid's own deviations, and at least so far in lightness, from it. */
const DEVIATIONS = 6;
const LEAST_STEP = 0.015;
/** The same for a single pixel beside an edge, where the next ones are looked at too. */
const NEAR_DEVIATIONS = 4;
/** Tones of one lid lie no further apart, in roots of light. */
const LID_TONES = 0.06;
/** A lid that is not seen along this share of the frame is none. */
const LID_SHARE = 0.6;
/** A sheet fills at least this share of the picture, and of its own four-sided outline. */
const LEAST_AREA = 0.01;
/** Pieces smaller than this share of the picture are dust. */
const SPECK = 0.002;
const FOUR_SIDED = 0.9;

/**
 * The corners of a sheet that lies on a scanner's glass: the largest four-sided region that stands out against the lid.
 * Its sides are found between pixels, along lines across each side.
 *
 * @returns corners clockwise, beginning nearest the scan's top left (px, pixel centres at + 0.5) and how straight the sides
 *   between them are, or `null` where no sheet stands out from a lid
 * @source PHYSICS section 11, “Sheet in the scan”
 * @example findSheet(scan, "file") // four corners, or null …
 */
export function findSheet(scan: NegativeScan, encoding: Encoding): FoundSheet | null {
  const small = smallPicture(scan, encoding, SMALL);
  const lid = lidOf(small);
  if (lid === null) return null;
  const regions = regionsOf(small, lid);
  const [largest] = regions;
  if (largest === undefined) return null;
  // Where a sheet has the lid's own tone it falls into pieces: then all of them together are looked at.
  const quad =
    fourSided(largest.outline, largest.count) ??
    fourSided(
      regions.flatMap(({ outline }) => outline),
      null,
    );
  if (quad === null || areaOf(quad) < LEAST_AREA * small.width * small.height || fillsAll(quad, small)) return null;
  const inScan = quad.map(({ x, y }) => ({ x: x * small.step, y: y * small.step })) as unknown as Quad;
  return refined(scan, encoding, inScan, lid, small.step);
}

/** The corners of a region that is four-sided, and (where its pixels are counted) filled. */
function fourSided(outline: readonly PlanePoint[], count: number | null): Quad | null {
  const hull = hullOf(outline);
  const quad = fourCorners(hull);
  if (quad === null) return null;
  const area = areaOf(quad);
  return area >= FOUR_SIDED * areaOf(hull) && (count === null || count >= FOUR_SIDED * area) ? quad : null;
}

/**
 * A scan made small.
 *
 * @param most pixels on the longer side
 * @returns mean light of square blocks
 * @example smallPicture(scan, "file", 800).step // 5 for a scan 4000 px wide …
 */
export function smallPicture(scan: NegativeScan, encoding: Encoding, most: number): SmallPicture {
  const step = Math.max(1, Math.ceil(Math.max(scan.width, scan.height) / most));
  const [width, height] = [Math.max(1, Math.floor(scan.width / step)), Math.max(1, Math.floor(scan.height / step))];
  const read = readRow(scan, lightTable(scan, encoding), "luminance");
  const row = new Float64Array(width * step);
  const light = new Float32Array(width * height);
  for (let y = 0; y < height * step; y++) {
    read(y, 0, width * step, row);
    const at = Math.floor(y / step) * width;
    for (let x = 0, i = 0; x < width; x++) {
      let sum = 0;
      for (let k = 0; k < step; k++) sum += row[i++] as number;
      light[at + x] = (light[at + x] as number) + sum / (step * step);
    }
  }
  return { width, height, step, light };
}

/** Eyes see steps of the dark as well as those of the light: lid and sheet are told apart by the root of the light. */
function seen(light: number): number {
  return Math.sqrt(Math.max(0, light));
}

interface Lid {
  /** Linear. */
  readonly light: number;
  /** By how much a place differs from it that is no lid, in roots: of a block, and of a pixel of the scan. */
  readonly step: number;
  readonly pixel: number;
}

/** The lid, as the frame of the picture shows it, or `null` where that is of many tones. */
function lidOf({ width, height, step, light }: SmallPicture): Lid | null {
  const frame: number[] = [];
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const onFrame = x < FRAME || y < FRAME || x >= width - FRAME || y >= height - FRAME;
      if (onFrame) frame.push(seen(light[y * width + x] as number));
      else if (x === FRAME) x = width - FRAME - 1;
    }
  }
  frame.sort((a, b) => a - b);
  const middle = mode(frame);
  const near = frame.filter((value) => Math.abs(value - middle) < LID_TONES);
  if (near.length < LID_SHARE * frame.length) return null;
  const deviation = 1.4826 * median(near.map((value) => Math.abs(value - middle)));
  // A single pixel is so much noisier than a block.
  const pixel = Math.max(LEAST_STEP, NEAR_DEVIATIONS * deviation * step);
  return { light: middle ** 2, step: Math.max(LEAST_STEP, DEVIATIONS * deviation), pixel };
}

/** The densest tone of sorted numbers: the middle of the narrowest window with half of them. */
function mode(sorted: readonly number[]): number {
  const half = Math.max(1, Math.floor(sorted.length / 2));
  let [best, narrowest] = [0, Number.POSITIVE_INFINITY];
  for (let i = 0; i + half <= sorted.length; i++) {
    const width = (sorted[i + half - 1] as number) - (sorted[i] as number);
    if (width < narrowest) [best, narrowest] = [i, width];
  }
  return sorted[best + (half >> 1)] as number;
}

interface Region {
  /** Pixels, each row filled from its first to its last. */
  readonly count: number;
  /** Corners of its pixels that may be corners of its hull. */
  readonly outline: readonly PlanePoint[];
}

/** Pieces of what is no lid, the largest first, without specks; each row of a piece is filled. */
function regionsOf({ width, height, light }: SmallPicture, lid: Lid): readonly Region[] {
  const middle = seen(lid.light);
  const isSheet = Uint8Array.from(light, (value) => (Math.abs(seen(value) - middle) > lid.step ? 1 : 0));
  const label = new Int32Array(width * height);
  const counts = [0];
  const stack = new Int32Array(width * height);
  for (let start = 0; start < isSheet.length; start++) {
    if (isSheet[start] === 0 || label[start] !== 0) continue;
    const name = counts.length;
    let [depth, count] = [1, 0];
    stack[0] = start;
    label[start] = name;
    while (depth > 0) {
      const at = stack[--depth] as number;
      count++;
      const x = at % width;
      for (const to of [x > 0 ? at - 1 : -1, x + 1 < width ? at + 1 : -1, at - width, at + width]) {
        if (to < 0 || to >= isSheet.length || isSheet[to] === 0 || label[to] !== 0) continue;
        label[to] = name;
        stack[depth++] = to;
      }
    }
    counts.push(count);
  }
  const kept = counts
    .map((count, name) => ({ count, name }))
    .filter(({ count }) => count >= SPECK * width * height)
    .sort((a, b) => b.count - a.count);
  return kept.map(({ name }) => outlined(label, name, width, height));
}

function outlined(label: Int32Array, name: number, width: number, height: number): Region {
  const outline: PlanePoint[] = [];
  let count = 0;
  for (let y = 0; y < height; y++) {
    let [first, last] = [-1, -1];
    for (let x = 0; x < width; x++) {
      if (label[y * width + x] !== name) continue;
      if (first < 0) first = x;
      last = x;
    }
    if (first < 0) continue;
    count += last - first + 1;
    outline.push({ x: first, y }, { x: first, y: y + 1 }, { x: last + 1, y }, { x: last + 1, y: y + 1 });
  }
  return { count, outline };
}

function areaOf(corners: readonly PlanePoint[]): number {
  return corners.reduce((sum, { x, y }, i) => {
    const next = corners[(i + 1) % corners.length] as PlanePoint;
    return sum + (x * next.y - next.x * y) / 2;
  }, 0);
}

function fillsAll(quad: Quad, { width, height }: SmallPicture): boolean {
  return quad.every(({ x, y }) => (x < 1.5 || x > width - 1.5) && (y < 1.5 || y > height - 1.5));
}

/** The same corners between pixels; a side that can't be followed stays where it was. */
function refined(scan: NegativeScan, encoding: Encoding, rough: Quad, lid: Lid, step: number): FoundSheet {
  const sides = rough.map((from, i) => fittedSide(scan, encoding, from, rough[(i + 1) % 4] as PlanePoint, lid, step));
  const corners = rough.map((corner, i) => {
    const met = crossing(sides[(i + 3) % 4]?.line as Line, sides[i]?.line as Line);
    const far = met === null || Math.hypot(met.x - corner.x, met.y - corner.y) > 12 * step + 4;
    return far ? corner : met;
  });
  return {
    corners: corners as unknown as Quad,
    straight: sides.map(({ straight }) => straight) as unknown as FoundSheet["straight"],
  };
}

function crossing(a: Line, b: Line): PlanePoint | null {
  const det = a.nx * b.ny - a.ny * b.nx;
  if (Math.abs(det) < 1e-3) return null;
  return { x: (a.c * b.ny - b.c * a.ny) / det, y: (a.nx * b.c - b.nx * a.c) / det };
}
