import type { Kernel } from "./kernel.ts";

/** A part of a picture, pixels; left and top are even. */
export interface Tile {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** A picture and the same at half its width and height, each pixel the mean of four. */
export interface Pictures {
  readonly width: number;
  readonly full: Float64Array;
  readonly half: Float64Array;
}

/** A kernel as lists: its core at full size, its faint rings at half size. */
export interface SplitKernel {
  readonly core: Taps;
  readonly rings: Taps;
}

interface Taps {
  readonly dx: Int32Array;
  readonly dy: Int32Array;
  readonly weights: Float64Array;
}

/** Inside of this all of the kernel is its core, outside of that nothing, pixels. */
const CORE = 2.5;
const CORE_END = 4.5;
/** Light that may be left out of the lists; the rest is raised to add to 1 again. */
const LEFT_OUT = 0.008;

/** Weights over (2·reach + 1)² places. */
interface Grid {
  readonly reach: number;
  readonly weights: Float64Array;
}

/** A kernel in its two parts, all their weights. */
export interface PartedKernel {
  readonly core: Grid;
  readonly rings: Grid;
}

/**
 * Parts a kernel into its bright core and its faint rings. The rings, a few hundredths of the light, are blurred on the
 * picture of half size, where they cost a sixteenth.
 */
export function inParts({ reach, weights }: Kernel): PartedKernel {
  const side = 2 * reach + 1;
  const core = new Float64Array(side * side);
  const halfReach = Math.ceil(reach / 2) + 1;
  const halfSide = 2 * halfReach + 1;
  const rings = new Float64Array(halfSide * halfSide);
  for (let y = -reach; y <= reach; y++) {
    for (let x = -reach; x <= reach; x++) {
      const at = (y + reach) * side + x + reach;
      const inside = taper(Math.hypot(x, y));
      core[at] = (weights[at] as number) * inside;
      splat(rings, halfReach, x / 2, y / 2, (weights[at] as number) * (1 - inside));
    }
  }
  return {
    core: { reach, weights: core },
    rings: { reach: halfReach, weights: sharpened(rings, halfReach) },
  };
}

/** One kernel as lists; together they add to 1. */
export function splitKernel(kernel: Kernel): SplitKernel {
  return mixture([inParts(kernel)])([1]);
}

/**
 * What lies between some kernels: their weights in given shares, as lists that add to 1. Which weights count is settled
 * once for all mixtures.
 *
 * @param kernels of places around and of nearness before and behind
 * @returns takes as many shares as there are kernels, adding to 1
 */
export function mixture(kernels: readonly PartedKernel[]): (shares: readonly number[]) => SplitKernel {
  const core = listed(kernels.map((kernel) => kernel.core));
  const rings = listed(kernels.map((kernel) => kernel.rings));
  return (shares) => {
    const [inside, outside] = [mixed(core, shares), mixed(rings, shares)];
    const total = sumOf(inside) + sumOf(outside);
    return { core: raised(core, inside, total), rings: raised(rings, outside, total) };
  };
}

function taper(distance: number): number {
  if (distance <= CORE) return 1;
  if (distance >= CORE_END) return 0;
  return 0.5 + 0.5 * Math.cos((Math.PI * (distance - CORE)) / (CORE_END - CORE));
}

/** Shares a weight among the four nearest points of the coarser grid. */
function splat(grid: Float64Array, reach: number, x: number, y: number, weight: number): void {
  const side = 2 * reach + 1;
  const [ix, iy] = [Math.floor(x), Math.floor(y)];
  for (const [cx, cy] of [
    [ix, iy],
    [ix + 1, iy],
    [ix, iy + 1],
    [ix + 1, iy + 1],
  ] as const) {
    const share = (1 - Math.abs(x - cx)) * (1 - Math.abs(y - cy));
    const at = (cy + reach) * side + cx + reach;
    if (share > 0) grid[at] = (grid[at] as number) + share * weight;
  }
}

/** Halving, sharing out and drawing straight lines between soften the rings; this much of their neighbours takes it back. */
const SOFTENED = 0.22;

/** Weights made sharper by what the way over the picture of half size softens them; their sum stays. */
function sharpened(weights: Float64Array, reach: number): Float64Array {
  const side = 2 * reach + 1;
  const along = (from: Float64Array, step: number): Float64Array =>
    from.map((weight, at) => {
      const place = step === 1 ? at % side : Math.floor(at / side);
      const before = place > 0 ? (from[at - step] as number) : 0;
      const after = place < side - 1 ? (from[at + step] as number) : 0;
      return (1 + 2 * SOFTENED) * weight - SOFTENED * (before + after);
    });
  return along(along(weights, 1), side);
}

/** The weights that count in any of some grids, in the order of the picture's memory; one list of values a grid. */
interface Listed {
  readonly dx: Int32Array;
  readonly dy: Int32Array;
  readonly values: readonly Float64Array[];
}

function listed(grids: readonly Grid[]): Listed {
  const reach = Math.max(...grids.map((grid) => grid.reach));
  const side = 2 * reach + 1;
  const whole = grids.map((grid) => widened(grid, reach));
  const greatest = Float64Array.from({ length: side * side }, (_, at) =>
    Math.max(...whole.map((weights) => Math.abs(weights[at] as number))),
  );
  const order = Array.from(greatest.keys()).sort((a, b) => (greatest[b] as number) - (greatest[a] as number));
  let faint = 0;
  while (order.length > 1 && faint + (greatest[order.at(-1) as number] as number) < LEFT_OUT / 2) {
    faint += greatest[order.pop() as number] as number;
  }
  order.sort((a, b) => a - b);
  return {
    dx: Int32Array.from(order, (index) => (index % side) - reach),
    dy: Int32Array.from(order, (index) => Math.floor(index / side) - reach),
    values: whole.map((weights) => Float64Array.from(order, (index) => weights[index] as number)),
  };
}

/** The same weights with nothing around them. */
function widened({ reach, weights }: Grid, to: number): Float64Array {
  if (reach === to) return weights;
  const [from, side] = [2 * reach + 1, 2 * to + 1];
  const wide = new Float64Array(side * side);
  for (let y = 0; y < from; y++) {
    wide.set(weights.subarray(y * from, (y + 1) * from), (y + to - reach) * side + to - reach);
  }
  return wide;
}

function mixed({ dx, values }: Listed, shares: readonly number[]): Float64Array {
  const sum = new Float64Array(dx.length);
  values.forEach((weights, k) => {
    const share = shares[k] as number;
    if (share !== 0) for (let i = 0; i < sum.length; i++) sum[i] = (sum[i] as number) + share * (weights[i] as number);
  });
  return sum;
}

function sumOf(weights: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < weights.length; i++) sum += weights[i] as number;
  return sum;
}

function raised({ dx, dy }: Listed, weights: Float64Array, total: number): Taps {
  for (let i = 0; i < weights.length; i++) weights[i] = (weights[i] as number) / total;
  return { dx, dy, weights };
}

/** A picture at half its size. Width and height are even. */
export function halved(full: Float64Array, width: number): Float64Array {
  const across = width / 2;
  const rows = full.length / width / 2;
  const half = new Float64Array(across * rows);
  for (let y = 0; y < rows; y++) {
    let from = 2 * y * width;
    for (let at = y * across; at < (y + 1) * across; at++, from += 2) {
      half[at] =
        ((full[from] as number) +
          (full[from + 1] as number) +
          (full[from + width] as number) +
          (full[from + width + 1] as number)) /
        4;
    }
  }
  return half;
}

/**
 * Blurs one tile: out = Σ kernel · light, for the pixels of one class of nearness only. Kernels add to 1, so a uniform
 * field stays what it is.
 *
 * @param pictures with at least the kernel's reach (and five pixels) around the tile
 * @param near class of every pixel
 * @param level class to blur; `null`: all pixels
 */
export function blurTile(
  { width, full, half }: Pictures,
  near: Uint8Array,
  tile: Tile,
  { core, rings }: SplitKernel,
  level: number | null,
  out: Float64Array,
): void {
  const { left, top, right, bottom } = tile;
  const glow = ringsOf(half, width / 2, tile, rings);
  const across = Math.ceil((right - left) / 4) * 4;
  const line = new Float64Array(across);
  const halo = new Float64Array(across + 2);
  const offsets = core.dx.map((dx, k) => (core.dy[k] as number) * width + dx);
  for (let y = top; y < bottom; y++) {
    convolve(full, y * width + left, across, offsets, core.weights, line, 0);
    glow(y - top, halo);
    const start = y * width + left;
    for (let x = 0; x < right - left; x++) {
      if (level === null || near[start + x] === level) out[start + x] = (line[x] as number) + (halo[x] as number);
    }
  }
}

/** Rings of a tile at half size; gives them row by row at full size, by straight lines between. */
function ringsOf(
  half: Float64Array,
  width: number,
  { left, top, right, bottom }: Tile,
  { dx, dy, weights }: Taps,
): (y: number, row: Float64Array) => void {
  const needed = Math.ceil((right - left) / 2) + 2;
  const across = Math.ceil(needed / 4) * 4;
  const rows = Math.ceil((bottom - top) / 2) + 2;
  const rings = new Float64Array(across * rows);
  const offsets = dx.map((x, k) => (dy[k] as number) * width + x);
  for (let row = 0; row < rows; row++) {
    convolve(half, (top / 2 - 1 + row) * width + left / 2 - 1, across, offsets, weights, rings, row * across);
  }
  const mixed = new Float64Array(across);
  return (y, row) => {
    // A coarse pixel's middle lies between two fine ones: three quarters of the one, a quarter of the next.
    const upper = ((y >> 1) + (y & 1)) * across;
    const v = y & 1 ? 0.25 : 0.75;
    for (let x = 0; x < needed; x++) {
      mixed[x] = (rings[upper + x] as number) * (1 - v) + (rings[upper + across + x] as number) * v;
    }
    for (let x = 1; x < needed - 1; x++) {
      row[2 * x - 2] = 0.25 * (mixed[x - 1] as number) + 0.75 * (mixed[x] as number);
      row[2 * x - 1] = 0.75 * (mixed[x] as number) + 0.25 * (mixed[x + 1] as number);
    }
  };
}

/** Four pixels of a row at a time: out(x) = Σ w·light(x + offset). */
function convolve(
  light: Float64Array,
  start: number,
  count: number,
  offsets: Int32Array,
  weights: Float64Array,
  out: Float64Array,
  to: number,
): void {
  for (let x = 0; x < count; x += 4) {
    let [a, b, c, d] = [0, 0, 0, 0];
    for (let k = 0; k < weights.length; k++) {
      const weight = weights[k] as number;
      const from = start + x + (offsets[k] as number);
      a += weight * (light[from] as number);
      b += weight * (light[from + 1] as number);
      c += weight * (light[from + 2] as number);
      d += weight * (light[from + 3] as number);
    }
    out[to + x] = a;
    out[to + x + 1] = b;
    out[to + x + 2] = c;
    out[to + x + 3] = d;
  }
}
