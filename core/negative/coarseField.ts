/** Pixels between the places where a field is worked out: at most, and such that a small picture is as exact. */
const WIDEST = 8;
const STEPS_ACROSS = 200;

/**
 * A field over a raster, worked out at every few pixels and drawn between by straight lines where it is smooth, pixel by
 * pixel where it is not.
 *
 * @param count how many numbers a place has
 * @param at writes the numbers of a place (column and row of a pixel) into `out`; returns 0 where the field is not smooth,
 *   else a number; straight lines are drawn only between places with the same one
 * @returns a function that writes the numbers of a row's pixels into `row`; quickest for rows in order
 * @example coarseField(100, 100, 1, (x, y, out) => (out.fill(x + y), 1)) // (y, row) => void …
 */
export function coarseField(
  width: number,
  height: number,
  count: number,
  at: (x: number, y: number, out: Float64Array) => number,
): (y: number, row: Float64Array) => void {
  const step = Math.max(1, Math.min(WIDEST, Math.floor(width / STEPS_ACROSS)));
  const across = Math.ceil(width / step) + 1;
  const place = new Float64Array(count);
  const lineOf = (number: number): Line => {
    const line = { values: new Float64Array(across * count), parts: new Int8Array(across) };
    for (let i = 0; i < across; i++) {
      line.parts[i] = at(i * step, number * step, place);
      line.values.set(place, i * count);
    }
    return line;
  };
  let last = -2;
  let upper: Line = { values: new Float64Array(0), parts: new Int8Array(0) };
  let lower = upper;
  return (y, row) => {
    if (y < 0 || y >= height) throw new RangeError("row outside the field");
    const wanted = Math.floor(y / step);
    if (wanted !== last) {
      upper = wanted === last + 1 ? lower : lineOf(wanted);
      lower = lineOf(wanted + 1);
      last = wanted;
    }
    const down = y / step - last;
    for (let i = 0; i + 1 < across; i++) {
      const first = i * step;
      const end = Math.min(width, first + step);
      if (!isSmooth(upper.parts, lower.parts, i)) {
        for (let x = first; x < end; x++) {
          at(x, y, place);
          row.set(place, x * count);
        }
        continue;
      }
      for (let k = 0; k < count; k++) {
        const from = between(upper.values, lower.values, i * count + k, down);
        const slope = (between(upper.values, lower.values, (i + 1) * count + k, down) - from) / step;
        for (let x = first; x < end; x++) row[x * count + k] = from + slope * (x - first);
      }
    }
  };
}

interface Line {
  readonly values: Float64Array;
  readonly parts: Int8Array;
}

function between(upper: Float64Array, lower: Float64Array, at: number, share: number): number {
  return (upper[at] as number) + ((lower[at] as number) - (upper[at] as number)) * share;
}

function isSmooth(upper: Int8Array, lower: Int8Array, i: number): boolean {
  const part = upper[i];
  return part !== 0 && part === upper[i + 1] && part === lower[i] && part === lower[i + 1];
}
