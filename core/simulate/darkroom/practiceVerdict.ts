import type { DensityRange } from "../../light/exposure/index.ts";
import { LEVELS, type PracticeSheet } from "./practice.ts";

/** What was done well or badly; in words in the catalogue. */
export type PracticeFault =
  | "not-developed"
  | "thin"
  | "fogged"
  | "not-stopped"
  | "not-fixed"
  | "little-fixed"
  | "not-washed"
  | "good";

/** Density that a blank place may have gained: the first grey (ISO 6846). */
const SEEN_FOG = 0.04;
/** Shares of the greatest density below which a sheet was not developed, or pulled too soon. Common practice. */
const [NOTHING, THIN] = [0.05, 0.75];
/** Silver salt left: from there on it darkens by and by, or at once. */
const [SOME_SALT, MUCH_SALT] = [0.02, 0.3];
/** Least times in stop and in running water, s. TRADE section 6. */
const [STOPPED, WASHED] = [5, 240];

/**
 * What one did to a practice sheet, worst first.
 *
 * @param sheet at the end
 * @returns `good` alone, or faults; never empty
 * @example practiceFaults(practiceSheet(setup, [], 10), setup.density) // ["not-developed", …]
 */
export function practiceFaults(
  sheet: PracticeSheet,
  { least }: DensityRange,
): readonly [PracticeFault, ...PracticeFault[]] {
  const { seconds, unfixed } = sheet;
  const fog = (sheet.densities[0] as number) - least;
  const reached = ((sheet.densities[LEVELS - 1] as number) - least) / ((sheet.ends[LEVELS - 1] as number) - least);
  const faults: PracticeFault[] = [
    ...(fog > SEEN_FOG ? (["fogged"] as const) : []),
    ...(reached < NOTHING ? (["not-developed"] as const) : reached < THIN ? (["thin"] as const) : []),
    ...(unfixed > MUCH_SALT ? (["not-fixed"] as const) : unfixed > SOME_SALT ? (["little-fixed"] as const) : []),
    ...(seconds.stop < STOPPED && seconds.developer > 0 ? (["not-stopped"] as const) : []),
    ...(seconds.wash < WASHED ? (["not-washed"] as const) : []),
  ];
  const [first, ...others] = faults;
  return first === undefined ? ["good"] : [first, ...others];
}
