import { timeFromLight } from "./exposureTime.ts";
import type { Medium } from "./medium.ts";
import { correctedTime } from "./reciprocity.ts";

/**
 * How long a sheet is exposed: the metered time, made longer by what the medium loses in long exposures.
 *
 * @param ev EV₁₀₀ of the light
 * @param n f-number, > 0
 * @returns s, > 0
 * @source PHYSICS section 3
 * @example sheetTime(15, 333.3, { iso: 6, longTime: { kind: "none" } }) // 56.50…
 */
export function sheetTime(ev: number, n: number, { iso, longTime }: Pick<Medium, "iso" | "longTime">): number {
  return correctedTime(timeFromLight(ev, n, iso), longTime).seconds;
}
