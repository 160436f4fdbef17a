import { createContext, useCallback, useContext } from "react";
import { formatLength, type LengthUnit } from "../core/basis/units/index.ts";

/** The maker's unit of length. */
export const UnitContext = createContext<LengthUnit>("mm");

export function useUnit(): LengthUnit {
  return useContext(UnitContext);
}

/** Writes lengths in the maker's unit: `words(60)` → `60 mm`; holes want three digits. */
export function useLengthWords(): (mm: number, digits?: number) => string {
  const unit = useUnit();
  return useCallback((mm: number, digits = usualDigits(mm)) => formatLength(mm, unit, digits), [unit]);
}

/** Thousandths for holes, hundredths for what a caliper measures, tenths for what a ruler does. */
function usualDigits(mm: number): number {
  if (Math.abs(mm) < 1.2) return 3;
  return Math.abs(mm) < 50 ? 2 : 1;
}
