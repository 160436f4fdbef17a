/** Q of black-and-white developers: the factor of speed for 10 °C. PHYSICS section 13, from memory; editable. */
export const USUAL_Q10 = 2.2;
/** The temperature that times are given for, °C. */
export const GIVEN_AT = 20;
/** Outside these temperatures the sum is a guess, °C. PHYSICS section 13. */
const TRUSTED = { from: 18, to: 24 } as const;

/**
 * By how much a time given for 20 °C grows at another temperature: Q^((20 − T)/10).
 *
 * @param celsius °C, finite
 * @param q10 > 1
 * @returns factor > 0; 1 at 20 °C
 * @source PHYSICS section 13
 * @example temperatureFactor(30) // 0.4545…
 */
export function temperatureFactor(celsius: number, q10: number = USUAL_Q10): number {
  return q10 ** ((GIVEN_AT - celsius) / 10);
}

/**
 * What there is to say against a temperature.
 *
 * @returns a sentence; `null` from 18 to 24 °C
 * @example temperatureDoubt(20) // null
 */
export function temperatureDoubt(celsius: number): string | null {
  if (celsius < TRUSTED.from) {
    return `Below ${TRUSTED.from} °C developers turn weak and uneven: the time is a guess. Warm the tray in a larger one.`;
  }
  if (celsius > TRUSTED.to) {
    return `Above ${TRUSTED.to} °C the time is too short to keep, and emulsions soften: the time is a guess. Cool the tray.`;
  }
  return null;
}
