/** Density of a paper that has printed out as far as it goes: a stand-in, papers differ. */
export const PRINTED_MOST: number = 0.8;

/** Light of the paper in red, green and blue, and what the darkest of it takes of that, in densities: pink to brown, by eye. */
const PAPER = [0.955, 0.871, 0.807] as const;
const DARKEST = [0.5, PRINTED_MOST, 0.92] as const;

/**
 * How dark light alone makes a sheet that is never developed.
 *
 * @param exposure over the one that would give half of all it can: H·ln 2/H₀ is 1 there
 * @returns density over the greatest, 0 to 1
 * @source PHYSICS section 14: D = Dmax(1 − e^(−H/H₀)), a stand-in
 * @example printedOut(1) // 0.5
 */
export function printedOut(exposure: number): number {
  return 1 - Math.exp(-exposure * Math.LN2);
}

/**
 * The exposure of a printed-out density: the inverse of {@link printedOut}.
 *
 * @param density over the greatest; what is darker than 99 % of it counts as that
 * @example printedExposure(0.5) // 1
 */
export function printedExposure(density: number): number {
  return -Math.log(1 - Math.min(0.99, Math.max(0, density))) / Math.LN2;
}

/** Whoever inverts a scan also sets its ends: this share of it comes out whitest, and as much blackest. */
const ENDS = 0.002;

/**
 * How a printed-out sheet's scan is inverted: its densities spread from black to white.
 *
 * @param densities of the whole sheet
 * @returns lightness for a density, from 0, black, to 1, white
 * @source common practice
 * @example invertedTones([0, 0.25, 0.5])(0.125) // 0.25
 */
export function invertedTones(densities: ArrayLike<number>): (density: number) => number {
  const sorted = Float32Array.from(densities).sort();
  const at = (share: number): number => sorted[Math.round(share * (sorted.length - 1))] ?? 0;
  const [least, most] = [at(ENDS), at(1 - ENDS)];
  return (density) => Math.min(1, Math.max(0, (density - least) / Math.max(1e-6, most - least)));
}

/**
 * The colour of a sheet that printed out: a stand-in, by eye; papers differ.
 *
 * @param density over the greatest, 0 to 1
 * @returns red, green and blue, shares of white proportional to light
 * @example printedColour(0) // [0.955, 0.871, 0.807]
 */
export function printedColour(density: number): readonly [red: number, green: number, blue: number] {
  const of = (channel: 0 | 1 | 2): number => PAPER[channel] * 10 ** -(DARKEST[channel] * density);
  return [of(0), of(1), of(2)];
}
