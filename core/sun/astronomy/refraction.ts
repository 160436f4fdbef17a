import { DEGREES } from "../../basis/units/index.ts";
/** Air that bends the light: hPa, °C. */
export interface Air {
  readonly pressure: number;
  readonly celsius: number;
}

/** The air of every answer. PHYSICS section 14. */
export const USUAL_AIR: Air = { pressure: 1010, celsius: 10 };

/** Below this the sun’s whole disc is under the horizon, degrees. PHYSICS section 10. */
const LOWEST = -0.8333;

/**
 * Altitude as seen through the air.
 *
 * @param airless altitude without air, radians
 * @returns radians; the same where the sun stands below −0.8333°
 * @source PHYSICS section 10: (P/1010)(283/(273 + T))·1.02/tan(h + 10.3/(h + 5.11)) arc minutes, h in degrees
 * @example refracted(Math.PI / 4, USUAL_AIR) // 0.785692…
 */
export function refracted(airless: number, { pressure, celsius }: Air): number {
  const h = airless * DEGREES;
  if (h < LOWEST) return airless;
  const minutes = ((pressure / 1010) * (283 / (273 + celsius)) * 1.02) / Math.tan((h + 10.3 / (h + 5.11)) / DEGREES);
  return airless + minutes / 60 / DEGREES;
}
