import { formatLengthNumber, type LengthUnit } from "../../core/basis/units/index.ts";

/** Below this a size is measured with a caliper, above with a ruler, mm. */
const CALIPER = 50;

/** A length as it stands on a dimension line, without its unit. */
export function dimensionFigure(mm: number, unit: LengthUnit): string {
  return formatLengthNumber(mm, unit, unit === "mm" && mm < CALIPER ? 2 : 1);
}
