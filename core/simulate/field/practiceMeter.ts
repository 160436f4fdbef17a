/** A light meter that is not there: it reads true but for its own offset and a little noise, and shows third stops. */
export interface PracticeMeter {
  /** Stops to add to its times, which whoever uses it has to find. */
  readonly offset: number;
  /** Standard deviation of one reading, stops. */
  readonly noise: number;
}

/** Stops between two marks of its dial. ISO 2720: third stops are usual. */
const MARKS = 3;

/**
 * The time a practice meter shows at an f-number for a light.
 *
 * @param ev EV₁₀₀ of the light it looks at
 * @param gauss a number of the standard normal distribution: the noise of this reading
 * @returns s, on a mark of its dial
 * @source N²/t = L·S/K, ISO 2720:1974
 * @example practiceReading({ offset: 0, noise: 0 }, 15, 16, 100, 0) // 1/125 s or so: 0.0078125
 */
export function practiceReading(
  { offset, noise }: PracticeMeter,
  ev: number,
  fNumber: number,
  iso: number,
  gauss: number,
): number {
  const stops = Math.log2((fNumber * fNumber * 100) / iso) - ev - offset + noise * gauss;
  return 2 ** (Math.round(stops * MARKS) / MARKS);
}
