import type { OpticalModel } from "../light/solve/index.ts";
import { coarseField } from "./coarseField.ts";
import { LEAST_LIGHT, lightAt, lightPart } from "./evenLight.ts";
import type { ExposureMap } from "./exposureMap.ts";
import type { PictureFrame } from "./pictureFrame.ts";
import type { SheetInScan } from "./sheetInScan.ts";

/** What stands where nothing is known: beside the sheet, or where it had too little light. FORMAT. */
export const MISSING: number = -99;

/** Pixels of the scan for one of the picture, up to which it is drawn as it is and not averaged. */
const AS_IT_IS = 1.01;

/**
 * Lays a sheet's exposures into an upright picture: bicubic, averaged over a pixel's area where it shrinks. Both work on
 * log H, in which a sheet's grain is even.
 *
 * @param map of the sheet; already evened where `even` is given
 * @param even the camera, where places with less than 1/16 of the light are to be missing
 * @param part rows of the picture to draw, from one to before another; all when left out
 * @returns log₁₀ H, lx·s, row by row from the top; −99 where nothing is known
 * @source PHYSICS section 11, “Unbending”; bicubic: R. G. Keys, IEEE Trans. ASSP 29 (1981) 1153, a = −1/2, from memory
 * @example unbend(map, sheet, frame, null).length // width × height of the frame …
 */
export function unbend(
  map: ExposureMap,
  sheet: SheetInScan,
  frame: PictureFrame,
  even: OpticalModel | null,
  part: { readonly from: number; readonly to: number } = { from: 0, to: frame.height },
): Float32Array<ArrayBuffer> {
  const { width } = frame;
  const rows = part.to - part.from;
  const out = new Float32Array(width * rows);
  // Of a place: its point of the scan, and where it matters the light it had.
  const count = even === null ? 2 : 3;
  const [s, t] = [sheet.width / 2 + 1e-6, sheet.height / 2 + 1e-6];
  const field = coarseField(width + 1, rows + 1, count, (column, row, place) => {
    const at = frame.toSheet(column + 0.5, row + part.from + 0.5);
    place.fill(Number.NaN);
    if (at === null) return UNSEEN;
    if (Math.abs(at.s) > s || Math.abs(at.t) > t) return BESIDE;
    const { x, y } = sheet.toScan(at.s, at.t);
    place[0] = x - map.left - 0.5;
    place[1] = y - map.top - 0.5;
    if (even === null) return 1;
    const light = lightAt(even, at.s, at.t);
    place[2] = light;
    return lightPart(light);
  });
  let [here, below] = [new Float64Array(count * (width + 1)), new Float64Array(count * (width + 1))];
  const draw = sampler(map, count);
  field(0, here);
  for (let y = 0; y < rows; y++) {
    field(y + 1, below);
    for (let i = 0, at = 0; i < width; i++, at += count) {
      const known = count === 2 || (here[at + 2] as number) >= LEAST_LIGHT;
      out[y * width + i] = known ? draw(here, below, at) : MISSING;
    }
    [here, below] = [below, here];
  }
  return out;
}

/** Parts of a picture where nothing lands: straight lines are drawn within a part only. */
const UNSEEN = 3;
const BESIDE = 4;

/** Samples that a pixel is averaged over each way, at most. */
const MOST_SAMPLES = 64;

/** Draws one pixel of the picture from a map: its place, and those of its neighbours to the right and below. */
function sampler(map: ExposureMap, count: number): (here: Float64Array, below: Float64Array, at: number) => number {
  const { width, height, log } = map;
  const [right, bottom] = [width - 0.5, height - 0.5];
  return (here, below, at) => {
    const x = here[at] as number;
    const y = here[at + 1] as number;
    // Also where there is no place at all.
    if (!(x >= -0.5 && y >= -0.5 && x <= right && y <= bottom)) return MISSING;
    const xx = (here[at + count] as number) - x;
    const yx = (here[at + count + 1] as number) - y;
    const xy = (below[at] as number) - x;
    const yy = (below[at + 1] as number) - y;
    const across = Math.sqrt(xx * xx + yx * yx);
    const down = Math.sqrt(xy * xy + yy * yy);
    // At the picture's rim a neighbour may see nothing: there it is drawn as it is.
    if (!(across > AS_IT_IS || down > AS_IT_IS)) return bicubic(log, width, height, x, y);
    const n = Math.min(MOST_SAMPLES, Math.max(1, Math.ceil(across)));
    const m = Math.min(MOST_SAMPLES, Math.max(1, Math.ceil(down)));
    let sum = 0;
    for (let j = 0; j < m; j++) {
      const v = (j + 0.5) / m - 0.5;
      for (let i = 0; i < n; i++) {
        const u = (i + 0.5) / n - 0.5;
        sum += bilinear(log, width, height, x + u * xx + v * xy, y + u * yx + v * yy);
      }
    }
    return sum / (n * m);
  };
}

function bilinear(log: Float32Array, width: number, height: number, x: number, y: number): number {
  const px = x < 0 ? 0 : Math.min(width - 1, x);
  const py = y < 0 ? 0 : Math.min(height - 1, y);
  const left = Math.min(Math.max(0, width - 2), px | 0);
  const top = Math.min(Math.max(0, height - 2), py | 0);
  const u = px - left;
  const at = top * width + left;
  const right = width > 1 ? at + 1 : at;
  const down = height > 1 ? width : 0;
  const upper = (log[at] as number) * (1 - u) + (log[right] as number) * u;
  const lower = (log[at + down] as number) * (1 - u) + (log[right + down] as number) * u;
  return upper + (lower - upper) * (py - top);
}

/** Bicubic by Keys with a = −1/2; the map’s rim goes on outside. */
function bicubic(log: Float32Array, width: number, height: number, x: number, y: number): number {
  if (!(x >= 1 && y >= 1 && x < width - 2 && y < height - 2)) return atRim(log, width, height, x, y);
  const left = x | 0;
  const top = y | 0;
  const u = x - left;
  const v = y - top;
  // Written out: it is done for every pixel of a picture.
  const a = u * (u * (1 - 0.5 * u) - 0.5);
  const b = 1 + u * u * (1.5 * u - 2.5);
  const c = u * (0.5 + u * (2 - 1.5 * u));
  const d = u * u * (0.5 * u - 0.5);
  let i = (top - 1) * width + left - 1;
  let sum = v * (v * (1 - 0.5 * v) - 0.5) * fourOf(log, i, a, b, c, d);
  i += width;
  sum += (1 + v * v * (1.5 * v - 2.5)) * fourOf(log, i, a, b, c, d);
  i += width;
  sum += v * (0.5 + v * (2 - 1.5 * v)) * fourOf(log, i, a, b, c, d);
  i += width;
  return sum + v * v * (0.5 * v - 0.5) * fourOf(log, i, a, b, c, d);
}

function fourOf(log: Float32Array, i: number, a: number, b: number, c: number, d: number): number {
  return a * (log[i] as number) + b * (log[i + 1] as number) + c * (log[i + 2] as number) + d * (log[i + 3] as number);
}

function atRim(log: Float32Array, width: number, height: number, x: number, y: number): number {
  const left = Math.floor(x);
  const top = Math.floor(y);
  const across = weights(x - left);
  let sum = 0;
  for (const [j, down] of weights(y - top).entries()) {
    const row = within(top - 1 + j, height) * width;
    for (const [i, weight] of across.entries())
      sum += down * weight * (log[row + within(left - 1 + i, width)] as number);
  }
  return sum;
}

/** What the four places about a point count, `u` past the second: 0 to 1. */
function weights(u: number): readonly [number, number, number, number] {
  return [
    u * (u * (1 - 0.5 * u) - 0.5),
    1 + u * u * (1.5 * u - 2.5),
    u * (0.5 + u * (2 - 1.5 * u)),
    u * u * (0.5 * u - 0.5),
  ];
}

function within(i: number, count: number): number {
  return Math.min(count - 1, Math.max(0, i));
}
