import type { BandLine } from "../../light/hole/index.ts";
import type { OpticalModel } from "../../light/solve/index.ts";
import type { ExposureMap } from "../density/exposureMap.ts";
import { insideOf, type SheetInScan } from "../scan/sheetInScan.ts";
import { grainOf } from "./grain.ts";
import { TILE, type Transform, tileTransform } from "./tileTransform.ts";
import { FADE, GUARD, STRIDE, TILE_WEIGHTS } from "./tileWeights.ts";
import { filterMaker, finestOf, shortestOf, type TileStart } from "./wiener.ts";

/** What sharpening needs to know. */
export interface Sharpening {
  readonly model: OpticalModel;
  /** Light by wavelength that the sheet sees, shares adding to 1. */
  readonly lines: readonly BandLine[];
  /** Transforms of a length that is a power of two: passed in. */
  readonly transformOf: (size: number) => Transform;
  /** Exposures, log₁₀ lx·s, from which on a place is blank or burnt: such places are left alone. */
  readonly least: number;
  readonly most: number;
}

/** A cleaner sheet than this is taken for one so clean: more would ring at edges. */
const MOST_SNR = 100;
const LEAST_SNR = 1;
/** Frequencies that a hole passes are drawn with so much to spare. */
const SPARE = 2;
/**
 * Sharpens a sheet by its known hole: Wiener's filter F = G·M/(M² + 1/SNR), G = 1 + 1/SNR, with the exact signed contrast
 * M of the hole as each tile sees it, in exposure; SNR from the sheet's own grain. Past the edges the sheet is mirrored. A
 * plain field stays, blank and burnt places stay as they are. Yields its progress.
 *
 * @returns a new map
 * @source PHYSICS section 11, “Sharpening by the known hole”; N. Wiener, Extrapolation, Interpolation, and Smoothing of
 *   Stationary Time Series (1949), from memory
 * @example [...sharpened(map, sheet, sharpening)] // shares of progress; what it returns is the map …
 */
export function* sharpened(
  map: ExposureMap,
  sheet: SheetInScan,
  sharpening: Sharpening,
): Generator<number, ExposureMap, void> {
  const { model, lines } = sharpening;
  const step = stepOf(sheet, model, lines);
  const small = { width: Math.ceil(map.width / step), height: Math.ceil(map.height / step) };
  const exposure = mirroredExposure(map, sheet, step);
  const { signal, grain } = grainOf(exposure, small.width, small.height);
  const snr = Math.min(MOST_SNR, Math.max(LEAST_SNR, signal / Math.max(grain, signal / MOST_SNR)));
  const change = new Float32Array(small.width * small.height);
  const { forward, inverse } = tileTransform(sharpening.transformOf(TILE));
  const filters = filterMaker(sharpening, sheet, snr, step);
  const tiles = tilesOf(small.width, small.height);
  const data = new Float64Array(2 * TILE * TILE);
  for (let i = 0; i < tiles.length; i += 2) {
    const pair = tiles.slice(i, i + 2) as TileStart[];
    // Two real tiles are the two parts of one complex one.
    data.fill(0);
    for (const [part, tile] of pair.entries()) fill(data, part, tile, exposure, small);
    const made = pair.map((tile) => filters(map, tile));
    const finest = Math.max(...made.map(finestOf));
    forward(data, finest);
    applyFilters(data, made[0] as Float32Array, made[1] ?? (made[0] as Float32Array));
    inverse(data, finest);
    for (const [part, tile] of pair.entries()) gather(change, data, part, tile, exposure, small);
    yield Math.min(1, (i + 2) / tiles.length);
  }
  return applied(map, change, exposure, small.width, step, sharpening);
}

/** Pixels of the scan for one that is worked with: as many as still hold every frequency that the hole passes. */
function stepOf(sheet: SheetInScan, { aperture, distance }: OpticalModel, lines: readonly BandLine[]): number {
  const cutoff = aperture.diameter / (shortestOf(lines) * distance);
  return Math.max(1, Math.floor(sheet.pixelsPerMm / (2 * SPARE * cutoff)));
}

/** Exposures of blocks of pixels, lx·s; what lies off the sheet is what lies as far inside its edge. */
function mirroredExposure(map: ExposureMap, sheet: SheetInScan, step: number): Float32Array {
  const [width, height] = [Math.ceil(map.width / step), Math.ceil(map.height / step)];
  const sums = new Float32Array(width * height);
  const scan = { width: map.left + map.width, height: map.top + map.height };
  // The outermost pixels hold a part of the lid.
  const rim = 2 / sheet.pixelsPerMm;
  const span = insideOf(sheet, scan, rim / Math.min(sheet.width, sheet.height));
  const [s, t] = [sheet.width / 2 - rim, sheet.height / 2 - rim];
  const beside = (x: number, y: number): number => {
    const place = sheet.toSheet(map.left + x + 0.5, map.top + y + 0.5);
    const back = sheet.toScan(mirrored(place.s, s), mirrored(place.t, t));
    const px = Math.min(map.width - 1, Math.max(0, Math.floor(back.x) - map.left));
    const py = Math.min(map.height - 1, Math.max(0, Math.floor(back.y) - map.top));
    return map.log[py * map.width + px] as number;
  };
  const row = new Float32Array(map.width);
  for (let y = 0; y < map.height; y++) {
    const { from, to } = span(map.top + y);
    const [first, last] = [Math.max(0, from - map.left), Math.max(0, to - map.left)];
    row.set(map.log.subarray(y * map.width, (y + 1) * map.width));
    for (let x = 0; x < Math.min(first, map.width); x++) row[x] = beside(x, y);
    for (let x = Math.max(first, last); x < map.width; x++) row[x] = beside(x, y);
    const start = Math.floor(y / step) * width;
    for (let x = 0; x < map.width; x++) {
      const at = step === 1 ? start + x : start + ((x / step) | 0);
      sums[at] = (sums[at] as number) + Math.exp((row[x] as number) * Math.LN10);
    }
  }
  if (step === 1) return sums;
  // Blocks at the right and lower edge may hold fewer pixels.
  return sums.map((sum, at) => {
    const across = Math.min(step, map.width - (at % width) * step);
    return sum / (across * Math.min(step, map.height - Math.floor(at / width) * step));
  });
}

/** A place folded back at ±half. */
function mirrored(value: number, half: number): number {
  if (value > half) return Math.max(-half, 2 * half - value);
  return value < -half ? Math.min(half, -2 * half - value) : value;
}

interface Size {
  readonly width: number;
  readonly height: number;
}

function tilesOf(width: number, height: number): TileStart[] {
  const starts = (length: number): number[] =>
    Array.from({ length: Math.max(1, Math.ceil((length + FADE) / STRIDE)) }, (_, i) => i * STRIDE - GUARD - FADE);
  return starts(height).flatMap((top) => starts(width).map((left) => ({ left, top })));
}

function fill(
  data: Float64Array,
  part: number,
  { left, top }: TileStart,
  exposure: Float32Array,
  { width, height }: Size,
): void {
  const columns = Int32Array.from({ length: TILE }, (_, x) => folded(left + x, width));
  for (let y = 0, to = part; y < TILE; y++) {
    const row = folded(top + y, height) * width;
    for (let x = 0; x < TILE; x++, to += 2) data[to] = exposure[row + (columns[x] as number)] as number;
  }
}

/** A pixel past an edge is the one as far inside it. */
function folded(i: number, count: number): number {
  if (i >= 0 && i < count) return i;
  const period = 2 * count;
  const at = ((i % period) + period) % period;
  return at < count ? at : period - 1 - at;
}

/** The sum of all tiles' shares of a place, less what was there. */
function gather(
  change: Float32Array,
  data: Float64Array,
  part: number,
  { left, top }: TileStart,
  exposure: Float32Array,
  { width, height }: Size,
): void {
  const [first, end] = [Math.max(GUARD, -left), Math.min(TILE - GUARD, width - left)];
  for (let y = Math.max(GUARD, -top); y < Math.min(TILE - GUARD, height - top); y++) {
    const down = TILE_WEIGHTS[y] as number;
    const start = (top + y) * width + left;
    for (let x = first; x < end; x++) {
      const at = start + x;
      const found = data[2 * (y * TILE + x) + part] as number;
      change[at] = (change[at] as number) + down * (TILE_WEIGHTS[x] as number) * (found - (exposure[at] as number));
    }
  }
}

/** Two spectra in one: each is parted from the other by what is symmetric in it, filtered by its own, and put back. */
function applyFilters(data: Float64Array, one: Float32Array, other: Float32Array): void {
  for (let y = 0; y < TILE; y++) {
    const opposite = ((TILE - y) % TILE) * TILE;
    for (let x = 0; x < TILE; x++) {
      const at = y * TILE + x;
      const back = opposite + ((TILE - x) % TILE);
      if (back < at) continue;
      const f = one[at] as number;
      const g = other[at] as number;
      if (f === 0 && g === 0) {
        data[2 * at] = data[2 * at + 1] = data[2 * back] = data[2 * back + 1] = 0;
        continue;
      }
      const ar = data[2 * at] as number;
      const ai = data[2 * at + 1] as number;
      const br = data[2 * back] as number;
      const bi = data[2 * back + 1] as number;
      // a = P + iQ, b = P* + iQ*: P and Q are the spectra of the two real tiles.
      const pr = (f * (ar + br)) / 2;
      const pi = (f * (ai - bi)) / 2;
      const qr = (g * (ai + bi)) / 2;
      const qi = (g * (br - ar)) / 2;
      data[2 * at] = pr - qi;
      data[2 * at + 1] = pi + qr;
      data[2 * back] = pr + qi;
      data[2 * back + 1] = qr - pi;
    }
  }
}

/** The change put onto the map (in place of itself); blank and burnt places are left alone. */
function applied(
  map: ExposureMap,
  change: Float32Array,
  exposure: Float32Array,
  across: number,
  step: number,
  { least, most }: Sharpening,
): ExposureMap {
  const { width, height, log: old } = map;
  const log = new Float32Array(old.length);
  const [low, high] = [Math.fround(least), Math.fround(most)];
  const floor = 10 ** least;
  const found = change;
  for (let at = 0; at < found.length; at++) found[at] = (found[at] as number) + (exposure[at] as number);
  // Blocks hold all the hole draws: what a single pixel has beside its block is grain.
  const between = step === 1 ? null : betweenBlocks(found, across, step);
  for (let y = 0, at = 0; y < height; y++) {
    for (let x = 0; x < width; x++, at++) {
      const before = old[at] as number;
      if (before <= low || before >= high) {
        log[at] = before;
        continue;
      }
      const value = between === null ? (found[at] as number) : between(x, y);
      // log₁₀: Math.log10 takes twice as long.
      log[at] = Math.log(Math.max(value, floor)) * Math.LOG10E;
    }
  }
  return { ...map, log };
}

/** Values of blocks at a pixel, by straight lines. */
function betweenBlocks(values: Float32Array, width: number, step: number): (x: number, y: number) => number {
  const height = values.length / width;
  return (x, y) => {
    const px = Math.min(width - 1, Math.max(0, (x + 0.5) / step - 0.5));
    const py = Math.min(height - 1, Math.max(0, (y + 0.5) / step - 0.5));
    const at = (py | 0) * width + (px | 0);
    const right = (px | 0) + 1 < width ? 1 : 0;
    const down = (py | 0) + 1 < height ? width : 0;
    const u = px % 1;
    const upper = (values[at] as number) * (1 - u) + (values[at + right] as number) * u;
    const lower = (values[at + down] as number) * (1 - u) + (values[at + down + right] as number) * u;
    return upper + (lower - upper) * (py % 1);
  };
}
