import { madeUpSky } from "../../../core/simulate/field/index.ts";
import type { SunFan } from "../../../core/sun/index.ts";
import { seededNumbers } from "../../codecs/seededNumbers.ts";

/** The made-up sky that a plan is first shown under, on every page. */
export const FIRST_SKY = 1;

/** The same made-up sky for the same seed and days, whatever the camera sees of it. */
export function skiesOf({ days, step }: SunFan, seed: number): readonly Uint8Array<ArrayBuffer>[] {
  const sky = madeUpSky(seededNumbers(seed), step / 60_000);
  return days.map(({ moments }) => sky(moments.length));
}
