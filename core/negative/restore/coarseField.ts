/**
 * Pixels between the places where a field is worked out. In a raster twice as wide a field bends half as much from pixel to
 * pixel, and lines may be √2 as long to be as exact, in pixels: at most so long in one so wide. A small one is as exact.
 */
const WIDEST = { pixels: 8, across: 1600 } as const;
const STEPS_ACROSS = 200;

function stepFor(width: number): number {
  const widest = Math.round(WIDEST.pixels * Math.sqrt(Math.max(1, width / WIDEST.across)));
  return Math.max(1, Math.min(widest, Math.floor(width / STEPS_ACROSS)));
}

/** A piece of a row on which a field is drawn by straight lines; where it is not smooth, one pixel by itself. */
export interface FieldRun {
  /** Its pixels: from one to before another. */
  first: number;
  end: number;
  smooth: boolean;
  /** What the field said of it. */
  part: number;
  /** The field's numbers at its first pixel. */
  readonly values: Float64Array;
  /** By how much they grow from pixel to pixel, and from row to row; they mean nothing where it is not smooth. */
  readonly across: Float64Array;
  readonly down: Float64Array;
}

/** Writes the numbers of a place (column and row of a pixel) and says which part of the field it is of; 0: it is not smooth there. */
export type PlaceField = (x: number, y: number, out: Float64Array) => number;

/**
 * A field over a raster, worked out at every few pixels and drawn between by straight lines where it is smooth, pixel by
 * pixel where it is not. Lines are drawn only between places of the same part.
 *
 * @param count how many numbers a place has
 * @returns a function that hands out a row piece by piece (always the same object, with other numbers); quickest for rows in order
 * @example coarseRuns(100, 100, 1, (x, y, out) => (out.fill(x + y), 1)) // (y, each) => void …
 */
export function coarseRuns(
  width: number,
  height: number,
  count: number,
  field: PlaceField,
): (y: number, each: (run: FieldRun) => void) => void {
  const step = stepFor(width);
  const places = Math.ceil(width / step) + 1;
  const run: FieldRun = {
    first: 0,
    end: 0,
    smooth: true,
    part: 0,
    values: new Float64Array(count),
    across: new Float64Array(count),
    down: new Float64Array(count),
  };
  const place = new Float64Array(count);
  const lineOf = (number: number): Line => {
    const line = { values: new Float64Array(places * count), parts: new Int8Array(places) };
    for (let i = 0; i < places; i++) {
      line.parts[i] = field(i * step, number * step, place);
      line.values.set(place, i * count);
    }
    return line;
  };
  let last = -2;
  let upper: Line = { values: new Float64Array(0), parts: new Int8Array(0) };
  let lower = upper;
  return (y, each) => {
    if (y < 0 || y >= height) throw new RangeError("row outside the field");
    const wanted = Math.floor(y / step);
    if (wanted !== last) {
      upper = wanted === last + 1 ? lower : lineOf(wanted);
      lower = lineOf(wanted + 1);
      last = wanted;
    }
    const share = y / step - last;
    for (let i = 0; i + 1 < places; i++) {
      const first = i * step;
      const end = Math.min(width, first + step);
      run.smooth = isSmooth(upper.parts, lower.parts, i);
      if (!run.smooth) {
        for (let x = first; x < end; x++) {
          run.first = x;
          run.end = x + 1;
          run.part = field(x, y, run.values);
          each(run);
        }
        continue;
      }
      run.first = first;
      run.end = end;
      run.part = upper.parts[i] as number;
      lay(run, upper.values, lower.values, i * count, share, step);
      each(run);
    }
  };
}

/** Numbers and slopes of a smooth run between four places. */
function lay(run: FieldRun, upper: Float64Array, lower: Float64Array, at: number, share: number, step: number): void {
  const { values, across, down } = run;
  const count = values.length;
  for (let k = 0; k < count; k++) {
    const a = upper[at + k] as number;
    const b = upper[at + count + k] as number;
    const c = lower[at + k] as number;
    const d = lower[at + count + k] as number;
    const from = a + (c - a) * share;
    values[k] = from;
    across[k] = (b + (d - b) * share - from) / step;
    down[k] = (c - a + d - b) / (2 * step);
  }
}

interface Line {
  readonly values: Float64Array;
  readonly parts: Int8Array;
}

function isSmooth(upper: Int8Array, lower: Int8Array, i: number): boolean {
  const part = upper[i];
  return part !== 0 && part === upper[i + 1] && part === lower[i] && part === lower[i + 1];
}

/**
 * A field of one number, row by row.
 *
 * @returns a function that writes the numbers of a row's pixels into `row`; quickest for rows in order
 * @example coarseField(100, 100, (x, y, out) => (out.fill(x + y), 1)) // (y, row) => void …
 */
export function coarseField(width: number, height: number, field: PlaceField): (y: number, row: Float64Array) => void {
  const runs = coarseRuns(width, height, 1, field);
  return (y, row) =>
    runs(y, ({ first, end, values, across }) => {
      const [from, slope] = [values[0] as number, across[0] as number];
      row[first] = from;
      for (let x = first + 1; x < end; x++) row[x] = from + slope * (x - first);
    });
}
