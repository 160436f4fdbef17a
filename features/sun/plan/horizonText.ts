import { failure, type Result, success } from "../../../core/basis/units/index.ts";
import type { HorizonPoint } from "../../../core/sun/index.ts";

const HOW =
  "Pairs with commas between them, such as 90 3, 180 8: towards (0 to 359.9) and how high (0 to 90), degrees.";

/** A horizon as it is typed. */
export function writeHorizon(horizon: readonly HorizonPoint[]): string {
  return horizon.map(([azimuth, altitude]) => `${azimuth} ${altitude}`).join(", ");
}

/** Reads a horizon, in any order. */
export function readHorizon(text: string): Result<readonly HorizonPoint[]> {
  const points = new Map<number, number>();
  for (const pair of text.split(/[,;\n]/)) {
    if (pair.trim() === "") continue;
    const found = /^(\d+(?:\.\d+)?)\s*°?\s+(\d+(?:\.\d+)?)\s*°?$/.exec(pair.trim());
    const [azimuth, altitude] = [Number(found?.[1] ?? Number.NaN), Number(found?.[2] ?? Number.NaN)];
    if (!(azimuth < 360 && altitude <= 90)) return failure(`“${pair.trim()}” is no point. ${HOW}`);
    if (points.has(azimuth)) return failure(`${azimuth}° is there twice.`);
    points.set(azimuth, altitude);
  }
  return success([...points].sort(([a], [b]) => a - b));
}
