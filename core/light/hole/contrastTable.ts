import { once } from "../../basis/numeric/index.ts";
import { scaledContrast } from "./scaledContrast.ts";

/** Hole constants of the table: every optimum for contrasts of 0.02 to 0.95 and its bands lie well inside. */
const LEAST_CONSTANT = 0.4;
const STEP = 0.01;
const ROWS = 301;
/** Samples of n/c from 0 to 1 in each row. */
const SAMPLES = 65;

const table = once(() =>
  Array.from({ length: ROWS }, (_, row) => {
    const c = tableConstant(row);
    return Float64Array.from({ length: SAMPLES }, (_, i) => scaledContrast((c * i) / (SAMPLES - 1), c));
  }),
);

/** The hole constant c of a row of the table. */
export function tableConstant(row: number): number {
  return LEAST_CONSTANT + STEP * Math.min(ROWS - 1, Math.max(0, row));
}

/**
 * Scaled resolution of every row of the table at one contrast, to about 1e-3: close enough to say between which two
 * rows an optimum, a band's end or a jump lies. The exact integral ({@link scaledContrast}) does the rest.
 *
 * @param contrast κ in [0.02, 0.95]
 */
export function coarseResolutions(contrast: number): Float64Array {
  return Float64Array.from(table(), (row, index) => {
    const c = tableConstant(index);
    return (c * firstCrossing(row, contrast)) / (SAMPLES - 1);
  });
}

/** Position (in samples) where a row first falls to `level`, dips between samples included by their parabola. */
function firstCrossing(row: Float64Array, level: number): number {
  const at = (i: number): number => row[i] as number;
  for (let i = 1; i < SAMPLES; i++) {
    const here = at(i);
    // Between samples the curve falls as the square of frequency, as it does near its start.
    if (here <= level) return Math.sqrt((i - 1) ** 2 + ((2 * i - 1) * (at(i - 1) - level)) / (at(i - 1) - here));
    if (i + 1 < SAMPLES && here < at(i - 1) && here <= at(i + 1)) {
      const bend = at(i - 1) - 2 * here + at(i + 1);
      const lean = (at(i + 1) - at(i - 1)) / 2;
      if (here - (lean * lean) / (2 * bend) <= level) return i - lean / bend;
    }
  }
  return SAMPLES - 1;
}
