import { type BandLine, meanWavelength } from "../../light/hole/index.ts";
import { type OpticalModel, sightAt } from "../../light/solve/index.ts";
import { blurTile, halved, splitKernel, type Tile } from "./blur.ts";
import { gridOf, type Rows, type SheetGrid, sheetPixels } from "./grid.ts";
import { type Kernel, kernelAt, spread } from "./kernel.ts";
import type { PreviewScene } from "./scene.ts";
import { nearness, type Shine, shineRows } from "./shine.ts";

/** What is to be drawn. */
export interface PreviewOrder {
  /** One for each hole, of one sheet. */
  readonly models: readonly OpticalModel[];
  readonly divider: number;
  readonly scene: PreviewScene;
  readonly seconds: number;
  readonly walking: boolean;
  readonly blueness: number;
  /** Light by wavelength, shares adding to 1. */
  readonly lines: readonly BandLine[];
  /** The light over the scene's own, 2^(EV − its EV). */
  readonly brightness: number;
  /** Pixels on the sheet's longer side, at most. */
  readonly pixels: number;
}

/** Exposure of some rows of the sheet, emulsion up as it lies: lx·s, rows from the top. */
export interface Exposed {
  /** Pixels of the whole sheet. */
  readonly width: number;
  readonly height: number;
  /** The rows that are here. */
  readonly rows: Rows;
  /** Pixel pitch, mm. */
  readonly pitch: number;
  readonly exposure: Float32Array;
}

/** Pixels that half a point's light may fill: finer grids cost time and show nothing. */
const FINEST = 6;
const REACH = FINEST + 4;
const MARGIN = REACH + 8;
const TILE = 160;
const ROWS_AT_ONCE = 128;

/**
 * Pixels that an order is drawn with: as many as asked, or as few as hold all that the hole draws.
 *
 * @returns pixels along the longer side, a whole number
 * @example drawnPixels({ …order, pixels: 320 }) // { width: 320, height: 256, pitch: 0.396… }
 */
export function drawnPixels({ models, lines, pixels }: PreviewOrder): {
  readonly width: number;
  readonly height: number;
  readonly pitch: number;
} {
  const [first] = models as readonly [OpticalModel, ...OpticalModel[]];
  const { width, height, aperture, distance } = first;
  const asked = Math.max(width, height) / pixels;
  const pitch = Math.max(asked, spread(aperture.diameter, distance, meanWavelength(lines), null) / FINEST);
  return { ...sheetPixels(first, pitch), pitch };
}

/**
 * The exposure that a scene leaves on a sheet: projected through the real geometry, shaded by fall-off, plate and
 * opening, blurred by the diffraction of the hole as each place sees it, times the time. Yields its progress, so that
 * whoever runs it may stop or do something else in between.
 *
 * @param order camera, scene, light, size
 * @param part rows to draw, of {@link drawnPixels}; all when left out
 * @returns a generator that yields between rows and returns lx·s, row by row from the top
 * @source PHYSICS section 9; illuminance of a small hole E = πL/(4N²)
 * @example [...renderExposure(order)] // shares of progress; what it returns is the exposure, lx·s …
 */
export function* renderExposure(order: PreviewOrder, part?: Rows): Generator<number, Exposed, void> {
  const { models, lines } = order;
  const [first] = models as readonly [OpticalModel, ...OpticalModel[]];
  const { width, height, pitch } = drawnPixels(order);
  const rows = { from: Math.max(0, part?.from ?? 0), to: Math.min(height, part?.to ?? height) };
  const grid = gridOf(first, pitch, MARGIN, rows);
  const size = grid.width * grid.height;
  const sum = new Float64Array(size);
  for (const [number, model] of models.entries()) {
    const shine: Shine = { light: new Float64Array(size), near: new Uint8Array(size) };
    for (let row = 0; row < grid.height; row += ROWS_AT_ONCE) {
      shineRows(model, grid, order, shine, row, Math.min(grid.height, row + ROWS_AT_ONCE));
      yield (number + (0.5 * row) / grid.height) / models.length;
    }
    for (const share of blurred(model, grid, shine, lines, sum)) yield (number + 0.5 + 0.5 * share) / models.length;
  }
  const exposure = cropped(grid, { width, rows }, sum, exposurePerLight(first, order));
  return { width, height, rows, pitch, exposure };
}

/** lx·s on the axis for a cd/m² of the scene. */
function exposurePerLight({ aperture, distance }: OpticalModel, { seconds, brightness }: PreviewOrder): number {
  return (Math.PI * aperture.diameter ** 2 * seconds * brightness) / (4 * distance ** 2);
}

/** Blurs tile by tile with the kernel of each tile's middle, and adds it to `sum`; yields its progress. */
function* blurred(
  model: OpticalModel,
  grid: SheetGrid,
  { light, near }: Shine,
  lines: readonly BandLine[],
  sum: Float64Array,
): Generator<number, void, void> {
  const { width, height, margin } = grid;
  const pictures = { width, full: light, half: halved(light, width) };
  const out = new Float64Array(width * height);
  for (let top = margin; top < height - margin; top += TILE) {
    for (let left = margin; left < width - margin; left += TILE) {
      const tile: Tile = {
        left,
        top,
        right: Math.min(width - margin, left + TILE),
        bottom: Math.min(height - margin, top + TILE),
      };
      const levels = levelsIn(near, width, tile);
      for (const level of levels) {
        const kernel = tileKernel(model, grid, tile, lines, nearness(level));
        if (kernel === null) continue;
        blurTile(pictures, near, tile, splitKernel(kernel), levels.length === 1 ? null : level, out);
      }
    }
    yield (top - margin) / height;
  }
  for (let i = 0; i < sum.length; i++) sum[i] = (sum[i] as number) + (out[i] as number);
}

function levelsIn(near: Uint8Array, width: number, { left, top, right, bottom }: Tile): readonly number[] {
  const seen = new Uint8Array(256);
  for (let y = top; y < bottom; y++) for (let x = left; x < right; x++) seen[near[y * width + x] as number] = 1;
  return [...seen.keys()].filter((level) => seen[level] === 1);
}

/** The kernel of a tile's middle, or `null` where it can't see the hole. */
function tileKernel(
  model: OpticalModel,
  { s, t, pitch }: SheetGrid,
  { left, top, right, bottom }: Tile,
  lines: readonly BandLine[],
  magnification: number,
): Kernel | null {
  const sight = sightAt(model, s - ((left + right - 1) / 2) * pitch, t - ((top + bottom - 1) / 2) * pitch);
  if (sight === null) return null;
  const radius = model.aperture.diameter / 2;
  const subjectDistance = magnification > 1.0001 ? model.distance / (magnification - 1) : null;
  const pupil = { along: radius * sight.cosAxis, across: radius, length: sight.length, subjectDistance };
  const soft = spread(model.aperture.diameter, sight.length, meanWavelength(lines), subjectDistance) < 2.5 * pitch;
  return kernelAt(pupil, sight.projection, lines, pitch, REACH, soft);
}

function cropped(
  grid: SheetGrid,
  { width, rows }: { readonly width: number; readonly rows: Rows },
  sum: Float64Array,
  factor: number,
): Float32Array {
  const exposure = new Float32Array(width * (rows.to - rows.from));
  for (let y = 0; y < rows.to - rows.from; y++) {
    const from = (y + grid.margin) * grid.width + grid.margin;
    for (let x = 0; x < width; x++) {
      // Kernels on a coarse grid may undershoot beside a bright edge: light is never less than none.
      exposure[y * width + x] = Math.max(0, factor * (sum[from + x] as number));
    }
  }
  return exposure;
}
