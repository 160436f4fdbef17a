import { lastWhere } from "../../basis/numeric/index.ts";
import type { Candidate } from "./candidates.ts";
import type { Decoding, GreyPicture } from "./picture.ts";

/** A part of a picture round a candidate, as light: its plate 0 and its clear hole 1. */
export interface Field {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  readonly values: Float64Array;
  /** Standard deviation of a pixel, as a share of the contrast. */
  readonly noise: number;
  /** By how much the clear light may be wrong, as a share of the contrast. */
  readonly unsure: number;
  /** Where the clear level was read. */
  readonly lightFrom: "inside" | "clear part" | "spread";
  /** Share of the hole's inner pixels at the largest number there is. */
  readonly clipped: number;
}

interface Plane {
  readonly at: (x: number, y: number) => number;
  readonly spread: number;
  readonly count: number;
}

/**
 * The surroundings of a candidate on a scale from its plate to its clear light. Both levels are planes fitted to
 * pixels clear of the rim, so that light that falls off across the picture does no harm.
 *
 * @param margin how far from the rim pixels are clear of its blur, px
 * @param clear level of an open part of the same picture, for holes too small to reach it themselves
 * @returns `null` where no level can be fitted
 */
export function fieldRound(
  picture: GreyPicture,
  hole: Candidate,
  decode: Decoding,
  margin: number,
  clear: number | null,
): Field | null {
  const reach = hole.long + margin + Math.max(8, 0.7 * hole.long);
  const left = Math.max(0, Math.floor(hole.x - reach));
  const top = Math.max(0, Math.floor(hole.y - reach));
  const width = Math.min(picture.width, Math.ceil(hole.x + reach) + 1) - left;
  const height = Math.min(picture.height, Math.ceil(hole.y + reach) + 1) - top;
  const values = new Float64Array(width * height);
  const table = Float64Array.from({ length: picture.most + 1 }, (_, value) => decode(value / picture.most));
  const outer: number[] = [];
  const inner: number[] = [];
  let clipped = 0;
  const [cos, sin] = [Math.cos(hole.angle), Math.sin(hole.angle)];
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const sample = picture.samples[(top + y) * picture.width + left + x] as number;
      const index = y * width + x;
      values[index] = table[sample] as number;
      const [dx, dy] = [left + x - hole.x, top + y - hole.y];
      const [u, v] = [(cos * dx + sin * dy) / hole.long, (cos * dy - sin * dx) / hole.short];
      const share = Math.sqrt(u * u + v * v);
      // Distance to the rim along the ray from the middle: never more than the true one, to first order.
      const off = (share - 1) * hole.short;
      if (off > margin) outer.push(index);
      if (off < -margin) {
        inner.push(index);
        if (sample >= picture.most || sample === 0) clipped++;
      }
    }
  }
  const plate = fittedPlane(values, outer, width, 12);
  if (plate === null) return null;
  const light = clearLight(
    values,
    { inner, width, plate, hole, left, top, margin },
    clear === null ? null : decode(clear / picture.most),
  );
  if (light === null) return null;
  const contrast = Math.abs(light.at(hole.x - left, hole.y - top) - plate.at(hole.x - left, hole.y - top));
  if (!(contrast > 0)) return null;
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const dark = plate.at(x, y);
      values[y * width + x] = ((values[y * width + x] as number) - dark) / (light.at(x, y) - dark);
    }
  }
  return {
    left,
    top,
    width,
    height,
    values,
    noise: plate.spread / contrast,
    unsure: light.unsure,
    lightFrom: light.from,
    clipped: inner.length === 0 ? 0 : clipped / inner.length,
  };
}

interface Light {
  readonly at: (x: number, y: number) => number;
  readonly from: Field["lightFrom"];
  readonly unsure: number;
}

interface Surroundings {
  readonly inner: readonly number[];
  readonly width: number;
  readonly plate: Plane;
  readonly hole: Candidate;
  readonly left: number;
  readonly top: number;
  readonly margin: number;
}

/** Fewer inner pixels than this give no level. */
const LEAST_INNER = 12;

function clearLight(values: Float64Array, around: Surroundings, clear: number | null): Light | null {
  const { inner, width, plate, hole, left, top } = around;
  const plane = fittedPlane(values, inner, width, LEAST_INNER);
  const [x, y] = [hole.x - left, hole.y - top];
  if (plane !== null) {
    const contrast = Math.abs(plane.at(x, y) - plate.at(x, y));
    return { at: plane.at, from: "inside", unsure: 0.005 + plane.spread / contrast / Math.sqrt(plane.count) };
  }
  if (clear !== null && hole.bright) return { at: () => clear, from: "clear part", unsure: 0.02 };
  const spread = spreadLight(values, around);
  if (spread === null) return null;
  return {
    at: (px, py) => plate.at(px, py) + spread.light,
    from: "spread",
    unsure: 0.04 + 0.4 * spread.blurShare ** 2,
  };
}

/**
 * The clear light of a hole so small that blur has taken it from its very middle: from the spot's whole light F, its
 * second moment m on one axis and its peak p, taken as a disc of radius r and light A blurred by a Gaussian σ:
 * F = A π r², m = r²/4 + σ², p = A (1 − e), e = exp(−r²/2σ²). The peak is a mean over pixels ρ from the middle, which
 * the profile's curvature there, −A e r²/σ⁴, lowers by a quarter of its product with ρ² (mean).
 */
function spreadLight(
  values: Float64Array,
  { width, plate, hole, left, top, margin }: Surroundings,
): { readonly light: number; readonly blurShare: number } | null {
  const reach = hole.long + Math.max(5, margin);
  let [light, moment, peak, near, squares] = [0, 0, 0, 0, 0];
  for (let i = 0; i < values.length; i++) {
    const [x, y] = [i % width, Math.floor(i / width)];
    const away = Math.hypot(left + x - hole.x, top + y - hole.y);
    if (away > reach) continue;
    const above = (values[i] as number) - plate.at(x, y);
    light += above;
    moment += (above * away * away) / 2;
    if (away < 1.1) {
      peak += above;
      squares += away * away;
      near++;
    }
  }
  const m = moment / light;
  const p = peak / near;
  if (near === 0 || !(m > 0) || !(light * p > 0)) return null;
  // What would be seen falls as r grows.
  const seen = (r: number): number => {
    const variance = m - (r * r) / 4;
    const rest = Math.exp((-r * r) / (2 * variance));
    const lowered = (rest * r * r * (squares / near)) / (4 * variance ** 2);
    return (Math.abs(light) / (Math.PI * r * r)) * (1 - rest - lowered);
  };
  const most = 2 * Math.sqrt(m) * 0.9999;
  const r = lastWhere((radius) => seen(radius) > Math.abs(p), 0.05 * Math.sqrt(m), most, 1e-15 * most);
  return { light: light / (Math.PI * r * r), blurShare: Math.sqrt(Math.max(0, m - (r * r) / 4)) / r };
}

/** A plane through the values of pixels, far ones left out twice; a constant where the pixels are few. */
function fittedPlane(values: Float64Array, indices: readonly number[], width: number, least: number): Plane | null {
  if (indices.length < least) return null;
  const stride = Math.max(1, Math.floor(indices.length / 6_000));
  let kept = indices.filter((_, i) => i % stride === 0);
  const sorted = kept.map((i) => values[i] as number).sort((a, b) => a - b);
  const middle = sorted[sorted.length >> 1] as number;
  const spread =
    ((sorted[Math.floor(0.84 * sorted.length)] as number) - (sorted[Math.floor(0.16 * sorted.length)] as number)) / 2;
  let plane: Plane = { at: () => middle, spread, count: kept.length };
  for (let round = 0; round < 3; round++) {
    const limit = Math.max(3.5 * plane.spread, 1e-6);
    const near = kept.filter((i) => {
      const off = Math.abs((values[i] as number) - plane.at(i % width, Math.floor(i / width)));
      return off <= (round === 0 ? 2 * limit : limit);
    });
    if (near.length < Math.max(least, 0.3 * kept.length)) break;
    kept = near;
    plane = leastSquares(values, kept, width);
  }
  return plane;
}

function leastSquares(values: Float64Array, indices: readonly number[], width: number): Plane {
  const n = indices.length;
  let [mx, my, mv] = [0, 0, 0];
  for (const i of indices) {
    mx += i % width;
    my += Math.floor(i / width);
    mv += values[i] as number;
  }
  [mx, my, mv] = [mx / n, my / n, mv / n];
  let [xx, xy, yy, xv, yv, vv] = [0, 0, 0, 0, 0, 0];
  for (const i of indices) {
    const [x, y, v] = [(i % width) - mx, Math.floor(i / width) - my, (values[i] as number) - mv];
    xx += x * x;
    xy += x * y;
    yy += y * y;
    xv += x * v;
    yv += y * v;
    vv += v * v;
  }
  const determinant = xx * yy - xy * xy;
  const steady = n < 60 || determinant < 1e-9 * xx * yy;
  const a = steady ? 0 : (xv * yy - yv * xy) / determinant;
  const b = steady ? 0 : (yv * xx - xv * xy) / determinant;
  const left = Math.max(0, vv - a * xv - b * yv);
  return { at: (x, y) => mv + a * (x - mx) + b * (y - my), spread: Math.sqrt(left / Math.max(1, n - 3)), count: n };
}
