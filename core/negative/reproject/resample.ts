import { bilinear } from "../../basis/numeric/index.ts";
/** Numbers of a raster, row by row. */
export interface Raster {
  readonly width: number;
  readonly height: number;
  readonly log: Float32Array;
}

/** What stands where nothing is known: beside the sheet, or where it had too little light. FORMAT. */
export const MISSING: number = -99;

/** Pixels of the raster for one that is drawn, up to which it is drawn as it is and not averaged. */
const AS_IT_IS = 1.01;
/** Samples that a pixel is averaged over each way, at most. */
const MOST_SAMPLES = 64;

/**
 * Draws some pixels, which lie in a line on a raster: bicubic, averaged over a pixel's area where it shrinks.
 *
 * @param values where the first lies on the raster, x and y; the middle of the raster's first pixel is 0, 0
 * @param across, down how far it is from there to the next pixel and to the one below, x and y
 * @param out, to what is written to, and from where on
 * @param count how many
 * @source PHYSICS section 11, “Unbending”; bicubic: R. G. Keys, IEEE Trans. ASSP 29 (1981) 1153, a = −1/2, from memory
 * @example ((out) => (drawRun({ width: 9, height: 9, log: new Float32Array(81).fill(7) }, [4, 4], [1, 0], [0, 1], out, 0, 1), out[0]))(new Float32Array(1)) // 7
 */
export function drawRun(
  raster: Raster,
  values: ArrayLike<number>,
  across: ArrayLike<number>,
  down: ArrayLike<number>,
  out: Float32Array,
  to: number,
  count: number,
): void {
  const x = values[0] as number;
  const y = values[1] as number;
  const xx = across[0] as number;
  const yx = across[1] as number;
  const xy = down[0] as number;
  const yy = down[1] as number;
  const wide = Math.sqrt(xx * xx + yx * yx);
  const high = Math.sqrt(xy * xy + yy * yy);
  if (wide > AS_IT_IS || high > AS_IT_IS)
    average(raster, x, y, xx, yx, xy, yy, out, to, count, samplesFor(wide), samplesFor(high));
  else if (isWithin(raster, x, y, xx, yx, count, 1, 2)) bicubicRun(raster, x, y, xx, yx, out, to, count);
  else for (let k = 0; k < count; k++) out[to + k] = bicubicAtRim(raster, x + k * xx, y + k * yx);
}

function samplesFor(pixels: number): number {
  return pixels > AS_IT_IS ? Math.min(MOST_SAMPLES, Math.ceil(pixels)) : 1;
}

/** Whether all of a run keeps so far from the raster's edges: from the first, and from the last pixel. */
function isWithin(
  { width, height }: Raster,
  x: number,
  y: number,
  xx: number,
  yx: number,
  count: number,
  near: number,
  far: number,
): boolean {
  const xe = x + (count - 1) * xx;
  const ye = y + (count - 1) * yx;
  return (
    Math.min(x, xe) >= near &&
    Math.min(y, ye) >= near &&
    Math.max(x, xe) < width - far &&
    Math.max(y, ye) < height - far
  );
}

/** Bicubic by Keys with a = −1/2, far from the edges. Written out: it is done for every pixel of a picture. */
function bicubicRun(
  { width, log }: Raster,
  x: number,
  y: number,
  xx: number,
  yx: number,
  out: Float32Array,
  to: number,
  count: number,
): void {
  for (let k = 0; k < count; k++) {
    const px = x + k * xx;
    const py = y + k * yx;
    const left = px | 0;
    const top = py | 0;
    const u = px - left;
    const v = py - top;
    const a = u * (u * (1 - 0.5 * u) - 0.5);
    const b = 1 + u * u * (1.5 * u - 2.5);
    const c = u * (0.5 + u * (2 - 1.5 * u));
    const d = u * u * (0.5 * u - 0.5);
    let i = (top - 1) * width + left - 1;
    const first =
      a * (log[i] as number) + b * (log[i + 1] as number) + c * (log[i + 2] as number) + d * (log[i + 3] as number);
    i += width;
    const second =
      a * (log[i] as number) + b * (log[i + 1] as number) + c * (log[i + 2] as number) + d * (log[i + 3] as number);
    i += width;
    const third =
      a * (log[i] as number) + b * (log[i + 1] as number) + c * (log[i + 2] as number) + d * (log[i + 3] as number);
    i += width;
    const fourth =
      a * (log[i] as number) + b * (log[i + 1] as number) + c * (log[i + 2] as number) + d * (log[i + 3] as number);
    out[to + k] =
      v * (v * (1 - 0.5 * v) - 0.5) * first +
      (1 + v * v * (1.5 * v - 2.5)) * second +
      v * (0.5 + v * (2 - 1.5 * v)) * third +
      v * v * (0.5 * v - 0.5) * fourth;
  }
}

function isOn({ width, height }: Raster, x: number, y: number): boolean {
  return x >= -0.5 && y >= -0.5 && x <= width - 0.5 && y <= height - 0.5;
}

/** The same near an edge: the raster’s rim goes on outside; beside the raster nothing is known. */
function bicubicAtRim(raster: Raster, x: number, y: number): number {
  if (!isOn(raster, x, y)) return MISSING;
  const { width, height, log } = raster;
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

/** Means over the areas of pixels, each sample by straight lines between four places. */
function average(
  raster: Raster,
  x: number,
  y: number,
  xx: number,
  yx: number,
  xy: number,
  yy: number,
  out: Float32Array,
  to: number,
  count: number,
  n: number,
  m: number,
): void {
  const { width, log } = raster;
  const reach = (Math.max(Math.abs(xx), Math.abs(yx)) + Math.max(Math.abs(xy), Math.abs(yy))) / 2;
  const inside = isWithin(raster, x, y, xx, yx, count, reach, reach + 1);
  const [stepX, stepY, downX, downY] = [xx / n, yx / n, xy / m, yy / m];
  for (let k = 0; k < count; k++) {
    const px = x + k * xx;
    const py = y + k * yx;
    if (!(inside || isOn(raster, px, py))) {
      out[to + k] = MISSING;
      continue;
    }
    let sum = 0;
    // From the pixel's corner, half a sample in.
    let rowX = px + (stepX - xx + downX - xy) / 2;
    let rowY = py + (stepY - yx + downY - yy) / 2;
    for (let j = 0; j < m; j++, rowX += downX, rowY += downY) {
      let sx = rowX;
      let sy = rowY;
      for (let i = 0; i < n; i++, sx += stepX, sy += stepY) {
        if (!inside) {
          sum += bilinearAtRim(raster, sx, sy);
          continue;
        }
        const left = sx | 0;
        const top = sy | 0;
        const at = top * width + left;
        const share = sx - left;
        const first = log[at] as number;
        const below = log[at + width] as number;
        const upper = first + ((log[at + 1] as number) - first) * share;
        const lower = below + ((log[at + width + 1] as number) - below) * share;
        sum += upper + (lower - upper) * (sy - top);
      }
    }
    out[to + k] = sum / (n * m);
  }
}

function bilinearAtRim({ width, height, log }: Raster, x: number, y: number): number {
  const px = x < 0 ? 0 : Math.min(width - 1, x);
  const py = y < 0 ? 0 : Math.min(height - 1, y);
  const left = Math.min(Math.max(0, width - 2), px | 0);
  const top = Math.min(Math.max(0, height - 2), py | 0);
  const at = top * width + left;
  const right = width > 1 ? at + 1 : at;
  const down = height > 1 ? width : 0;
  const [a, b, c, d] = [log[at], log[right], log[at + down], log[right + down]] as [number, number, number, number];
  return bilinear(a, b, c, d, px - left, py - top);
}
