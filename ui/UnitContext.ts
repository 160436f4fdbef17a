import { createContext, useCallback, useContext } from "react";
import { formatDistance, formatLength, type LengthUnit } from "../core/basis/units/index.ts";
import type { LengthWords } from "../core/camera/container/index.ts";

/** The maker's unit of length. */
export const UnitContext = createContext<LengthUnit>("mm");

export function useUnit(): LengthUnit {
  return useContext(UnitContext);
}

/** Writes lengths in the maker's unit: `words(60)` → `60 mm`; holes want three digits, distances “far”. */
export function useLengthWords(): LengthWords {
  const unit = useUnit();
  return useCallback(
    (mm, digits = usualDigits(mm)) => (digits === "far" ? formatDistance(mm, unit) : formatLength(mm, unit, digits)),
    [unit],
  );
}

/** Thousandths for holes, hundredths for what a caliper measures, tenths for what a ruler does. */
function usualDigits(mm: number): number {
  if (Math.abs(mm) < 1.2) return 3;
  return Math.abs(mm) < 50 ? 2 : 1;
}
