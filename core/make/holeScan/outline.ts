import type { Field } from "./field.ts";
import type { PixelPoint } from "./picture.ts";

/** The outline of a hole and what lies in it. */
export interface Outline {
  /** Points where the light is half, in order, px of the picture. */
  readonly points: readonly PixelPoint[];
  /** Area within the half level, mended for the blur of a round rim, px². */
  readonly halfArea: number;
  /** Σ of the light in and near the hole, its inside counted as clear, px². */
  readonly lightArea: number;
  /** Blur of the rim, standard deviation in px, that of the pixels included. */
  readonly blur: number;
  /**
   * Half of what the light's sum has over the half level's area, per length of rim, px. It is 0 where numbers are
   * proportional to light and the blur is even, whatever the blur.
   */
  readonly skew: number;
  /** What chance alone may make of `skew`, px. */
  readonly skewNoise: number;
  /** Islands of dust in the hole: places and sizes in px. */
  readonly dust: readonly (PixelPoint & { readonly size: number })[];
}

/** Variance that one averaging with weights 1, 2, 1 adds on each axis, px². */
const SMOOTHING_VARIANCE = 0.5;

/**
 * Follows the half level round a hole, pixel by pixel and in between (the crossings of marching squares), and sums
 * the light in a band along it.
 *
 * Blur of variance σ² moves the half level of a rim of radius r inwards by σ²/(2r); along any closed rim that takes
 * π σ² from the area within (the total curvature is 2π), which is given back.
 *
 * @param field light round the hole
 * @param near a point in the hole, px of the picture
 * @param band half width of the band that is summed, px
 * @param smooth how many times the values are averaged over 3 × 3 pixels before the level is followed
 * @returns `null` where nothing there is above half, or the patch reaches the field's edge
 */
export function outlineOf(field: Field, near: PixelPoint, band: number, smooth: number): Outline | null {
  const { width, height, left, top, values } = field;
  let even = values;
  for (let i = 0; i < smooth; i++) even = smoothed(even, width, height);
  const patch = patchAt(even, width, height, Math.round(near.x - left), Math.round(near.y - top));
  if (patch === null) return null;
  const { inside, islands } = filled(patch, width, height);
  const level = even.map((value, i) => (patch[i] ? value : inside[i] ? 1 : Math.min(value, 0.4999)));
  const points = follow(level, inside, width);
  const { area, perimeter } = sizes(points);
  const summed = summedBand({ values, patch, inside, width, height, band });
  // ∫ v (1 − v) across a Gaussian rim is σ/√π; noise lowers the sum by its variance at every pixel.
  const blur = (Math.sqrt(Math.PI) * Math.max(0, summed.slope + field.noise ** 2 * summed.count)) / perimeter;
  const halfArea = area + Math.PI * (blur ** 2 + smooth * SMOOTHING_VARIANCE);
  return {
    points: points.map(({ x, y }) => ({ x: x + left, y: y + top })),
    halfArea,
    lightArea: summed.light,
    blur,
    skew: (summed.light - halfArea) / perimeter,
    skewNoise: (field.noise * Math.sqrt(summed.count)) / perimeter,
    dust: islands.map(({ x, y, size }) => ({ x: x + left, y: y + top, size })),
  };
}

/** Averages with weights 1, 2, 1 along rows and columns. */
function smoothed(values: Float64Array, width: number, height: number): Float64Array {
  const rows = new Float64Array(values.length);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const at = y * width + x;
      const before = values[x > 0 ? at - 1 : at] as number;
      const after = values[x + 1 < width ? at + 1 : at] as number;
      rows[at] = (before + 2 * (values[at] as number) + after) / 4;
    }
  }
  const both = new Float64Array(values.length);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const at = y * width + x;
      const above = rows[y > 0 ? at - width : at] as number;
      const below = rows[y + 1 < height ? at + width : at] as number;
      both[at] = (above + 2 * (rows[at] as number) + below) / 4;
    }
  }
  return both;
}

/** The pixels joined to a point (or to the brightest near it) at half or more, joined at corners too. */
function patchAt(values: Float64Array, width: number, height: number, x: number, y: number): Uint8Array | null {
  const start = startNear(values, width, height, x, y);
  if (start === null) return null;
  const patch = new Uint8Array(values.length);
  const queue = [start];
  patch[start] = 1;
  for (let at = queue.pop(); at !== undefined; at = queue.pop()) {
    const [px, py] = [at % width, Math.floor(at / width)];
    if (px === 0 || py === 0 || px === width - 1 || py === height - 1) return null;
    for (let dy = -1; dy <= 1; dy++) {
      for (let dx = -1; dx <= 1; dx++) {
        const next = at + dy * width + dx;
        if (patch[next] === 1 || (values[next] as number) < 0.5) continue;
        patch[next] = 1;
        queue.push(next);
      }
    }
  }
  return patch;
}

function startNear(values: Float64Array, width: number, height: number, x: number, y: number): number | null {
  let best: number | null = null;
  let bestAway = Number.POSITIVE_INFINITY;
  const reach = Math.max(width, height) / 4;
  for (let py = Math.max(0, Math.floor(y - reach)); py <= Math.min(height - 1, y + reach); py++) {
    for (let px = Math.max(0, Math.floor(x - reach)); px <= Math.min(width - 1, x + reach); px++) {
      const away = Math.hypot(px - x, py - y);
      if ((values[py * width + px] as number) < 0.5 || away >= bestAway) continue;
      best = py * width + px;
      bestAway = away;
    }
  }
  return best;
}

/** Islands smaller than this are noise, px². */
const LEAST_ISLAND = 3;

/** The patch with its islands filled, and the islands. */
function filled(
  patch: Uint8Array,
  width: number,
  height: number,
): { readonly inside: Uint8Array; readonly islands: readonly (PixelPoint & { readonly size: number })[] } {
  const inside = new Uint8Array(patch.length).fill(1);
  flood(
    0,
    width,
    height,
    (at) => patch[at] === 0 && inside[at] === 1,
    (at) => {
      inside[at] = 0;
    },
  );
  const seen = Uint8Array.from(patch);
  const islands: (PixelPoint & { size: number })[] = [];
  for (let at = 0; at < patch.length; at++) {
    if (inside[at] === 0 || seen[at] === 1) continue;
    let [count, sx, sy] = [0, 0, 0];
    flood(
      at,
      width,
      height,
      (next) => inside[next] === 1 && seen[next] === 0,
      (next) => {
        seen[next] = 1;
        count++;
        sx += next % width;
        sy += Math.floor(next / width);
      },
    );
    if (count >= LEAST_ISLAND) islands.push({ x: sx / count, y: sy / count, size: 2 * Math.sqrt(count / Math.PI) });
  }
  return { inside, islands };
}

/** Visits all pixels joined at their sides to a first one. */
function flood(
  first: number,
  width: number,
  height: number,
  joins: (at: number) => boolean,
  visit: (at: number) => void,
): void {
  const queue = [first];
  visit(first);
  for (let at = queue.pop(); at !== undefined; at = queue.pop()) {
    const x = at % width;
    const y = Math.floor(at / width);
    for (let way = 0; way < 4; way++) {
      const [nx, ny] = [x + (STEP_X[way] as number), y + (STEP_Y[way] as number)];
      if (nx < 0 || ny < 0 || nx >= width || ny >= height) continue;
      const next = ny * width + nx;
      if (!joins(next)) continue;
      visit(next);
      queue.push(next);
    }
  }
}

/** Steps to the right, down, left and up. */
const STEP_X = [1, 0, -1, 0] as const;
const STEP_Y = [0, 1, 0, -1] as const;

/**
 * Goes round a patch with it on the right hand, from one side between an inner and an outer pixel to the next, and
 * notes where the level lies between the two.
 */
function follow(values: Float64Array, inside: Uint8Array, width: number): readonly PixelPoint[] {
  const first = inside.indexOf(1);
  const step = (way: number): number => (STEP_Y[way & 3] as number) * width + (STEP_X[way & 3] as number);
  const points: PixelPoint[] = [];
  let at = first;
  // The topmost pixel has an outer one above it.
  let out = 3;
  do {
    const [here, there] = [values[at] as number, values[at + step(out)] as number];
    const share = (here - 0.5) / (here - there);
    points.push({
      x: (at % width) + share * (STEP_X[out] as number),
      y: Math.floor(at / width) + share * (STEP_Y[out] as number),
    });
    const along = (out + 1) & 3;
    const ahead = at + step(along);
    if (inside[ahead + step(out)] === 1) {
      at = ahead + step(out);
      out = (out + 3) & 3;
    } else if (inside[ahead] === 1) at = ahead;
    else out = along;
  } while (at !== first || out !== 3);
  return points;
}

function sizes(points: readonly PixelPoint[]): { readonly area: number; readonly perimeter: number } {
  let [area, perimeter] = [0, 0];
  for (let i = 0; i < points.length; i++) {
    const [a, b] = [points[i] as PixelPoint, points[(i + 1) % points.length] as PixelPoint];
    area += (a.x * b.y - b.x * a.y) / 2;
    perimeter += Math.hypot(b.x - a.x, b.y - a.y);
  }
  return { area: Math.abs(area), perimeter };
}

interface Band {
  readonly values: Float64Array;
  readonly patch: Uint8Array;
  readonly inside: Uint8Array;
  readonly width: number;
  readonly height: number;
  readonly band: number;
}

/** Sums over the pixels within `band` of the rim; pixels deeper inside count as clear. */
function summedBand({ values, patch, inside, width, height, band }: Band): {
  readonly light: number;
  readonly slope: number;
  readonly count: number;
} {
  const away = distanceToRim(inside, width, height);
  let [light, slope, count] = [0, 0, 0];
  for (let i = 0; i < values.length; i++) {
    const near = (away[i] as number) <= band;
    if (!near || (inside[i] === 1 && patch[i] === 0)) {
      light += inside[i] as number;
      continue;
    }
    const value = values[i] as number;
    light += value;
    slope += value * (1 - value);
    count++;
  }
  return { light, slope, count };
}

/** Distance of every pixel to the nearest on the other side of the rim, px; by chamfer 3–4, within 8 %. */
function distanceToRim(inside: Uint8Array, width: number, height: number): Float32Array {
  const away = new Float32Array(inside.length).fill(1e6);
  for (let y = 0; y + 1 < height; y++) {
    for (let x = 0; x + 1 < width; x++) {
      const at = y * width + x;
      const here = inside[at];
      if (here !== inside[at + 1]) away[at] = away[at + 1] = 0.5;
      if (here !== inside[at + width]) away[at] = away[at + width] = 0.5;
    }
  }
  const relax = (at: number, from: number, cost: number): void => {
    const through = (away[from] as number) + cost;
    if (through < (away[at] as number)) away[at] = through;
  };
  for (let y = 1; y < height; y++) {
    for (let x = 1; x + 1 < width; x++) {
      const at = y * width + x;
      relax(at, at - 1, 1);
      relax(at, at - width, 1);
      relax(at, at - width - 1, 4 / 3);
      relax(at, at - width + 1, 4 / 3);
    }
  }
  for (let y = height - 2; y >= 0; y--) {
    for (let x = width - 2; x > 0; x--) {
      const at = y * width + x;
      relax(at, at + 1, 1);
      relax(at, at + width, 1);
      relax(at, at + width + 1, 4 / 3);
      relax(at, at + width - 1, 4 / 3);
    }
  }
  return away;
}
