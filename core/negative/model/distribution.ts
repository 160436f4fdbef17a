/** Numbers and how often each comes, rising. */
export interface Distribution {
  readonly values: Float64Array;
  readonly counts: Float64Array;
  readonly total: number;
}

/** Numbers while they are gathered. */
export interface DistributionBuilder {
  readonly add: (value: number) => void;
  readonly addRow: (values: ArrayLike<number>, from: number, to: number) => void;
  readonly read: () => Distribution;
}

/** Steps that a range is counted in; each remembers the mean of what fell into it. */
const STEPS = 65_536;

/**
 * Gathers numbers in fine steps between two ends; a step that holds one value only holds it exactly.
 *
 * @param least, most the ends; what lies beyond counts with the end
 * @returns `add`, `addRow` (some of a list's numbers) and `read`
 * @example distributionBuilder(0, 1).read().total // 0
 */
export function distributionBuilder(least: number, most: number): DistributionBuilder {
  const counts = new Float64Array(STEPS + 1);
  const sums = new Float64Array(STEPS + 1);
  const scale = STEPS / (most - least);
  const addRow = (values: ArrayLike<number>, from: number, to: number): void => {
    for (let i = from; i < to; i++) {
      const kept = Math.max(least, Math.min(most, values[i] as number));
      const step = ((kept - least) * scale) | 0;
      counts[step] = (counts[step] as number) + 1;
      sums[step] = (sums[step] as number) + kept;
    }
  };
  const one = new Float64Array(1);
  return {
    addRow,
    add: (value) => {
      one[0] = value;
      addRow(one, 0, 1);
    },
    read: () => {
      const used = [...counts.keys()].filter((step) => counts[step] !== 0);
      const kept = Float64Array.from(used, (step) => counts[step] as number);
      return {
        values: Float64Array.from(used, (step) => (sums[step] as number) / (counts[step] as number)),
        counts: kept,
        total: kept.reduce((sum, count) => sum + count, 0),
      };
    },
  };
}

/**
 * The value below which a share of the numbers lies; between two of them by a straight line.
 *
 * @param share 0 to 1
 * @returns NaN where there are no numbers
 * @source R. J. Hyndman and Y. Fan, Sample Quantiles in Statistical Packages, The American Statistician 50 (1996), definition 7, from memory
 * @example quantile({ values: Float64Array.of(1, 3), counts: Float64Array.of(1, 1), total: 2 }, 0.5) // 2
 */
export function quantile({ values, counts, total }: Distribution, share: number): number {
  if (total === 0) return Number.NaN;
  const place = share * (total - 1);
  const below = Math.floor(place);
  let passed = 0;
  for (let i = 0; i < values.length; i++) {
    passed += counts[i] as number;
    if (below >= passed) continue;
    const value = values[i] as number;
    const next = below + 1 < passed ? value : (values[i + 1] ?? value);
    return value + (next - value) * (place - below);
  }
  return values.at(-1) as number;
}

/**
 * The share of numbers that satisfy something.
 *
 * @returns 0 to 1; 0 where there are none
 * @example shareWhere({ values: Float64Array.of(1, 3), counts: Float64Array.of(3, 1), total: 4 }, (value) => value > 2) // 0.25
 */
export function shareWhere({ values, counts, total }: Distribution, test: (value: number) => boolean): number {
  if (total === 0) return 0;
  return values.reduce((sum, value, i) => (test(value) ? sum + (counts[i] as number) : sum), 0) / total;
}

/**
 * The spread of what a monotonic function makes of the numbers.
 *
 * @param of rising or falling
 * @returns the same counts, their new numbers rising
 * @example mapped({ values: Float64Array.of(1, 3), counts: Float64Array.of(5, 6), total: 11 }, (value) => -value).counts.join() // "6,5"
 */
export function mapped({ values, counts, total }: Distribution, of: (value: number) => number): Distribution {
  const now = values.map(of);
  const falls = (now.at(-1) ?? 0) < (now[0] ?? 0);
  return { values: falls ? now.reverse() : now, counts: falls ? counts.toReversed() : counts, total };
}

/**
 * Numbers as a spread, each by itself.
 *
 * @param values in any order
 * @example spreadOfAll(Float64Array.of(3, 1)).values.join() // "1,3"
 */
export function spreadOfAll(values: Float64Array): Distribution {
  return { values: values.toSorted(), counts: new Float64Array(values.length).fill(1), total: values.length };
}
