import { EVERYWHERE, type FoundFault } from "./fault.ts";
import type { UprightDensities } from "./uprightDensities.ts";

/** A sheet of which so much is black, or blank, shows nothing else. */
const NEARLY_ALL = 0.92;
/** Blank and black, shares of ΔD. PHYSICS section 11. */
const BLANK = 0.02;
const BLACK = 0.95;
/** A covered hole leaves a dark spot of this share of the sheet, about as long as it is wide, and the rest blank. */
const SPOT = { least: 0.004, most: 0.3, longest: 1.5, filled: 0.6, dark: 0.25 } as const;

/**
 * A sheet all black or all white, or blank but for one round dark spot: the hole was covered by the sheet.
 *
 * @returns at most one fault
 * @source common practice
 * @example oneTone({ width: 2, height: 1, pitch: 1, share: Float32Array.of(1, 1) })[0].code // "all-black"
 */
export function oneTone({ width, height, share }: UprightDensities): readonly FoundFault[] {
  let [blank, black, dark] = [0, 0, 0];
  let [left, right, top, bottom] = [width, 0, height, 0];
  share.forEach((value, at) => {
    if (value < BLANK) blank++;
    if (value > BLACK) black++;
    if (value <= SPOT.dark) return;
    dark++;
    const [x, y] = [at % width, Math.floor(at / width)];
    [left, right] = [Math.min(left, x), Math.max(right, x + 1)];
    [top, bottom] = [Math.min(top, y), Math.max(bottom, y + 1)];
  });
  const all = share.length;
  if (black > NEARLY_ALL * all) return [{ code: "all-black", at: EVERYWHERE }];
  if (blank > NEARLY_ALL * all && dark < SPOT.least * all) return [{ code: "all-white", at: EVERYWHERE }];
  const [across, down] = [right - left, bottom - top];
  const isSpot =
    dark >= SPOT.least * all &&
    dark <= SPOT.most * all &&
    Math.max(across, down) <= SPOT.longest * Math.min(across, down) &&
    // A disc fills π/4 of its square.
    dark >= SPOT.filled * across * down &&
    blank > 0.9 * (all - across * down);
  if (!isSpot) return [];
  return [
    { code: "covered", at: { left: left / width, right: right / width, top: top / height, bottom: bottom / height } },
  ];
}
