/** EV₁₀₀ of a scene in full sun: ANSI PH2.7-1986, from memory. */
export const FULL_SUN_EV = 15;

/**
 * Metered time for a scene of known exposure value: t = N² · 100 / (S · 2^EV₁₀₀), before any long-time correction.
 *
 * @param ev EV at ISO 100
 * @param n f-number, > 0
 * @param iso speed S of the medium, > 0
 * @returns seconds
 * @source ISO 2720:1974, N²/t = L·S/K
 * @example timeFromLight(15, 1000 / 3, 6) // 56.5…
 */
export function timeFromLight(ev: number, n: number, iso: number): number {
  return (n * n * 100) / (iso * 2 ** ev);
}

/** A reading of a light meter or a phone. */
export interface MeterReading {
  /** Seconds, > 0. */
  readonly seconds: number;
  /** f-number the time was read at, > 0. */
  readonly fNumber: number;
  /** ISO the meter was set to, > 0. */
  readonly iso: number;
  /** Stops to add because the meter reads short (negative: long). */
  readonly offset: number;
}

/**
 * Time for the camera from a meter reading: t = t_m (N/N_m)² (S_m/S) 2^offset.
 *
 * @param reading what the meter said
 * @param n f-number of the camera, > 0
 * @param iso speed of the medium in the camera, > 0
 * @returns seconds
 * @source PHYSICS section 3; check: 2 s at f/90.8, camera f/240, same ISO → 13.97 s
 * @example timeFromMeter({ seconds: 2, fNumber: 90.8, iso: 12, offset: 0 }, 240, 12) // 13.97…
 */
export function timeFromMeter(reading: MeterReading, n: number, iso: number): number {
  return reading.seconds * (n / reading.fNumber) ** 2 * (reading.iso / iso) * 2 ** reading.offset;
}

/**
 * EV₁₀₀ at which a time and f-number expose a medium of speed `iso`: log₂(N²/t · 100/S).
 *
 * @returns EV₁₀₀
 * @source ISO 2720:1974
 * @example lightFromTime(1, 16, 100) // 8
 */
export function lightFromTime(seconds: number, n: number, iso: number): number {
  return Math.log2(((n * n) / seconds) * (100 / iso));
}
