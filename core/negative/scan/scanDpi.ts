import { MM_PER_INCH } from "../../basis/units/index.ts";
import { resolution, type Setting } from "../../light/hole/index.ts";

/** Contrast of the finest line pair that counts, pixels for it, and the margin. PHYSICS section 11. */
const FAINTEST = 0.1;
const PIXELS_A_PAIR = 2;
const MARGIN = 1.5;
/** Steps of usual scanners, dpi. */
const STEPS = [300, 400, 600, 1200, 2400, 4800] as const;

/**
 * The resolution that a scan of a negative needs: two pixels for the finest line pair the hole draws at 10 % contrast, and
 * half as much again; rounded up to what scanners offer.
 *
 * @param diameter of the hole, mm
 * @returns dpi: the step, and what it was before rounding
 * @source PHYSICS section 11: the best hole at 50 to 110 mm asks for the customary 400 to 600 dpi
 * @example scanDpi(0.255, { distance: 50, wavelengthNm: 550, subjectDistance: null }).step // 600
 */
export function scanDpi(diameter: number, setting: Setting): { readonly step: number; readonly exact: number } {
  const exact = PIXELS_A_PAIR * MARGIN * resolution(diameter, setting, FAINTEST) * MM_PER_INCH;
  return { step: STEPS.find((step) => step >= exact - 1e-9) ?? STEPS[STEPS.length - 1] ?? exact, exact };
}
