import { type BandLine, meanWavelength } from "../../light/hole/index.ts";
import { type OpticalModel, sightAt } from "../../light/solve/index.ts";
import { blurTile, halved, inParts, mixture, type PartedKernel, type SplitKernel, type Tile } from "./blur.ts";
import { gridOf, type Rows, type SheetGrid, sheetPixels } from "./grid.ts";
import { type Kernel, kernelAt, spread } from "./kernel.ts";
import type { PreviewScene } from "./scene.ts";
import { NEAR_CLASSES, nearness, type Shine, shineRows } from "./shine.ts";

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
/** A kernel reaches so many pixels past what holds nearly all of its light, and so many at most. */
const PAST_SPREAD = 4;
const MOST_REACH = 18;
/** Even: see {@link gridOf}. */
const MARGIN = MOST_REACH + 8;
/** Kernels are worked out so many pixels apart: nearer together where the hole is seen at quickly changing slants. */
const TILE = { least: 40, most: 160, radians: 0.2 } as const;
/** Patches of so many pixels take what lies between. Even; tiles are so many of them. */
const PATCH = 20;
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
    const shine: Shine = { light: new Float64Array(size), share: new Float32Array(size), near: new Uint8Array(size) };
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
export function exposurePerLight({ aperture, distance }: OpticalModel, { seconds, brightness }: PreviewOrder): number {
  return (Math.PI * aperture.diameter ** 2 * seconds * brightness) / (4 * distance ** 2);
}

/**
 * Blurs patch by patch with what lies between the kernels of the four corners of the tile around it, and adds it to `sum`;
 * yields its progress.
 */
function* blurred(
  model: OpticalModel,
  grid: SheetGrid,
  { light, share, near }: Shine,
  lines: readonly BandLine[],
  sum: Float64Array,
): Generator<number, void, void> {
  const { width, height, margin } = grid;
  const pictures = { width, full: light, half: halved(light, width) };
  const out = new Float64Array(width * height);
  const kernelOf = cornerKernels(model, grid, lines);
  const side = tileSide(model, grid);
  for (let top = margin; top < height - margin; top += side) {
    for (let left = margin; left < width - margin; left += side) {
      const right = Math.min(width - margin, left + side);
      const tile: Tile = { left, top, right, bottom: Math.min(height - margin, top + side) };
      const between = kernelsBetween(tile, kernelOf);
      for (const patch of patchesOf(tile)) {
        const levels = levelsIn(near, width, patch);
        for (const level of levels) {
          const kernel = between((patch.left + patch.right) / 2, (patch.top + patch.bottom) / 2, level);
          if (kernel !== null) blurTile(pictures, near, patch, kernel, levels.length === 1 ? null : level, out);
        }
      }
    }
    yield (top - margin) / height;
  }
  // What a place gets of the light is its own: a uniform field stays what it is.
  for (let i = 0; i < sum.length; i++) sum[i] = (sum[i] as number) + (out[i] as number) * (share[i] as number);
}

function tileSide({ distance }: OpticalModel, { pitch }: SheetGrid): number {
  const wanted = PATCH * Math.round((TILE.radians * distance) / pitch / PATCH);
  return Math.min(TILE.most, Math.max(TILE.least, wanted));
}

function patchesOf({ left, top, right, bottom }: Tile): readonly Tile[] {
  const patches: Tile[] = [];
  for (let y = top; y < bottom; y += PATCH) {
    for (let x = left; x < right; x += PATCH) {
      patches.push({ left: x, top: y, right: Math.min(right, x + PATCH), bottom: Math.min(bottom, y + PATCH) });
    }
  }
  return patches;
}

function levelsIn(near: Uint8Array, width: number, { left, top, right, bottom }: Tile): readonly number[] {
  const seen: number[] = [];
  let last = -1;
  for (let y = top; y < bottom; y++) {
    for (let x = left; x < right; x++) {
      const level = near[y * width + x] as number;
      if (level !== last && !seen.includes(level)) seen.push(level);
      last = level;
    }
  }
  return seen;
}

/** The kernel at a pixel's place for a step of nearness, in its parts; `null` where it can't see the hole. */
type CornerKernels = (x: number, y: number, step: number) => PartedKernel | null;

/** Kernels by place and step, each worked out once. */
function cornerKernels(model: OpticalModel, grid: SheetGrid, lines: readonly BandLine[]): CornerKernels {
  const known = new Map<string, PartedKernel | null>();
  return (x, y, step) => {
    const key = `${x} ${y} ${step}`;
    const before = known.get(key);
    if (before !== undefined) return before;
    const kernel = placeKernel(model, grid, x, y, lines, nearness(step));
    const made = kernel === null ? null : inParts(kernel);
    known.set(key, made);
    return made;
  };
}

/** What lies between the kernels of a tile's corners, and between two steps of nearness. */
function kernelsBetween(
  { left, top, right, bottom }: Tile,
  kernelOf: CornerKernels,
): (x: number, y: number, level: number) => SplitKernel | null {
  const corners = [
    [left, top],
    [right, top],
    [left, bottom],
    [right, bottom],
  ] as const;
  type Mixed = { readonly mix: ReturnType<typeof mixture>; readonly at: readonly number[] } | null;
  const known = new Map<number, Mixed>();
  const mixtureOf = (steps: readonly number[]): Mixed => {
    const found = steps.flatMap((step) => corners.map(([x, y]) => kernelOf(x, y, step)));
    const seen = [...found.keys()].filter((k) => found[k] !== null);
    return seen.length === 0 ? null : { mix: mixture(seen.map((k) => found[k] as PartedKernel)), at: seen };
  };
  return (x, y, level) => {
    const step = Math.floor(level / NEAR_CLASSES);
    const part = level / NEAR_CLASSES - step;
    const key = part === 0 ? -1 - step : step;
    let entry = known.get(key);
    if (entry === undefined) {
      entry = mixtureOf(part === 0 ? [step] : [step, step + 1]);
      known.set(key, entry);
    }
    if (entry === null) return null;
    const [u, v] = [(x - left) / (right - left), (y - top) / (bottom - top)];
    const places = [(1 - u) * (1 - v), u * (1 - v), (1 - u) * v, u * v];
    const shares =
      part === 0 ? places : [...places.map((share) => share * (1 - part)), ...places.map((share) => share * part)];
    // A corner that can't see the hole has no say; the others take over.
    return entry.mix(entry.at.map((k) => shares[k] as number));
  };
}

/** The kernel of a pixel's place, or `null` where it can't see the hole. */
function placeKernel(
  model: OpticalModel,
  { s, t, pitch }: SheetGrid,
  x: number,
  y: number,
  lines: readonly BandLine[],
  magnification: number,
): Kernel | null {
  const sight = sightAt(model, s - (x - 0.5) * pitch, t - (y - 0.5) * pitch);
  if (sight === null) return null;
  const radius = model.aperture.diameter / 2;
  const subjectDistance = magnification > 1.0001 ? sight.length / (magnification - 1) : null;
  const pupil = { along: radius * sight.cosAxis, across: radius, length: sight.length, subjectDistance };
  const wide = spread(model.aperture.diameter, sight.length, meanWavelength(lines), subjectDistance);
  const reach = Math.min(MOST_REACH, Math.ceil(wide / sight.cosAxis / pitch) + PAST_SPREAD);
  return kernelAt(pupil, sight.projection, lines, pitch, reach, wide < 2.5 * pitch);
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
