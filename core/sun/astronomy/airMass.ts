import { DEGREES } from "../../basis/units/index.ts";

/**
 * Air that the sun's light goes through, over that straight up.
 *
 * @param altitude as seen through the air, radians, ≥ 0
 * @returns 1 at the zenith, about 38 at the horizon
 * @source F. Kasten, A. T. Young, Applied Optics 28 (1989) 4735, from memory
 * @example airMass(Math.PI / 2) // 0.9997…
 */
export function airMass(altitude: number): number {
  const h = altitude * DEGREES;
  return 1 / (Math.sin(altitude) + 0.50572 * (h + 6.07995) ** -1.6364);
}

/**
 * The part of the sun's direct light that gets through clear air.
 *
 * @param altitude as seen through the air, radians, ≥ 0
 * @returns 0 to 1
 * @source A. B. Meinel, M. P. Meinel, Applied Solar Energy (1976): 0.7^(AM^0.678), from memory; PHYSICS section 14
 * @example directLight(Math.PI / 2) // 0.7000…
 */
export function directLight(altitude: number): number {
  return 0.7 ** (airMass(altitude) ** 0.678);
}
