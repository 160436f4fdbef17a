import { cholesky } from "../../basis/numeric/index.ts";
import type { ClearTrack } from "./clearTracks.ts";

/** Keeps columns that say the same from dividing by nothing. */
const RIDGE = 1e-9;

/** A sheet's cells: what each got, how much of an even light reaches it, how much it counts (0: nothing is known). */
export interface CellLight {
  readonly exposure: Float64Array;
  readonly light: Float64Array;
  readonly weight: Float64Array;
}

/** Columns of the least squares, in the order of their sums: two stands' skies, the land's light, a blank, the sheet itself. */
const FIXED = 5;

/**
 * A sheet explained as sun + sky + land + blank by least squares, the sun's sums kept while days are put in and out.
 *
 * @returns `add` puts a day in or takes it out; `left` tells what is left of the sheet, weighted squares, with a share of
 *   the first stand's sky and the rest of the second's
 */
export function explained(
  { exposure, light, weight }: CellLight,
  one: Float64Array,
  other: Float64Array,
): {
  readonly add: (track: ClearTrack, times: 1 | -1) => void;
  readonly left: (share: number) => number;
} {
  const columns = [one, other, light, light.map(() => 1), exposure];
  const sums: number[][] = columns.map(() => []);
  for (const [i, a] of columns.entries())
    for (const [j, b] of columns.slice(0, i + 1).entries()) {
      const sum = weighed(weight, a, b);
      (sums[i] as number[])[j] = sum;
      (sums[j] as number[])[i] = sum;
    }
  const sun = new Float64Array(exposure.length);
  const beside = new Float64Array(FIXED);
  let square = 0;
  return {
    add: ({ cells, amounts }: ClearTrack, times: 1 | -1): void => {
      // Indices, not entries: this runs some ten million times.
      let [first, second, land, blank, sheet] = [0, 0, 0, 0, 0];
      for (let k = 0; k < cells.length; k++) {
        const cell = cells[k] as number;
        const more = times * (amounts[k] as number);
        const before = sun[cell] as number;
        const own = (weight[cell] as number) * more;
        square += own * (2 * before + more);
        first += own * (one[cell] as number);
        second += own * (other[cell] as number);
        land += own * (light[cell] as number);
        blank += own;
        sheet += own * (exposure[cell] as number);
        sun[cell] = before + more;
      }
      for (const [i, sum] of [first, second, land, blank, sheet].entries()) beside[i] = (beside[i] as number) + sum;
    },
    left: (share: number): number => {
      const at = (i: number, j: number): number => sums[i]?.[j] as number;
      const mixed = (j: number): number => share * at(0, j) + (1 - share) * at(1, j);
      const skies = share * mixed(0) + (1 - share) * mixed(1);
      const [sunSky, sunLand, sunBlank, sunSheet] = [
        share * (beside[0] as number) + (1 - share) * (beside[1] as number),
        beside[2] as number,
        beside[3] as number,
        beside[4] as number,
      ];
      return leftOf(
        [
          [skies, mixed(2), mixed(3), sunSky],
          [mixed(2), at(2, 2), at(2, 3), sunLand],
          [mixed(3), at(2, 3), at(3, 3), sunBlank],
          [sunSky, sunLand, sunBlank, square],
        ],
        [mixed(4), at(2, 4), at(3, 4), sunSheet],
        at(4, 4),
      );
    },
  };
}

function weighed(weight: Float64Array, a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < weight.length; i++) sum += (weight[i] as number) * (a[i] as number) * (b[i] as number);
  return sum;
}

/** What least squares leave, by the sums of their columns; the last column, the sun, can't be less than none. */
function leftOf(matrix: readonly (readonly number[])[], right: readonly number[], whole: number): number {
  const size = right.length;
  const scale = right.map((_, i) => Math.sqrt(Math.max(matrix[i]?.[i] as number, Number.MIN_VALUE)));
  const solve = (count: number): { readonly left: number; readonly last: number } => {
    const scaled = Float64Array.from({ length: count * count }, (_, k) => {
      const [i, j] = [Math.floor(k / count), k % count];
      const value = (matrix[i]?.[j] as number) / ((scale[i] as number) * (scale[j] as number));
      return i === j ? value + RIDGE : value;
    });
    const wanted = Float64Array.from({ length: count }, (_, i) => (right[i] as number) / (scale[i] as number));
    const found = cholesky(scaled, count)(wanted);
    return {
      left: whole - found.reduce((sum, value, i) => sum + value * (wanted[i] as number), 0),
      last: found[count - 1] as number,
    };
  };
  const all = solve(size);
  return all.last >= 0 ? all.left : solve(size - 1).left;
}
