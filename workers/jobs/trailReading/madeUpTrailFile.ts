import { type MadeUpCan, type MadeUpDisturbance, madeUpTrail } from "../../../core/simulate/trail/index.ts";
import type { SunRequest } from "../../../core/sun/index.ts";
import { seededNumbers } from "../../codecs/seededNumbers.ts";
import { scanToPng } from "../../codecs/write/writeScan.ts";
import { skyTools } from "../sun/skyTools.ts";

/** A made-up can's sheet as the file of its scan, a PNG; and how the can really stood. */
export function madeUpTrailFile(
  plan: SunRequest,
  dpi: number,
  seed: number,
  disturbance: MadeUpDisturbance,
): { readonly file: Uint8Array<ArrayBuffer>; readonly can: MadeUpCan } {
  const { picture, dpi: scanned, can } = madeUpTrail(plan, dpi, disturbance, skyTools, seededNumbers(seed));
  return { file: scanToPng(picture, scanned), can };
}
