import { createContext, useCallback, useContext } from "react";
import { formatLength, type LengthUnit } from "../core/units/index.ts";

/** The maker's unit of length. */
export const UnitContext = createContext<LengthUnit>("mm");

export function useUnit(): LengthUnit {
  return useContext(UnitContext);
}

/** Writes lengths in the maker's unit: `words(60)` → `60 mm`; holes want three digits. */
export function useLengthWords(): (mm: number, digits?: number) => string {
  const unit = useUnit();
  return useCallback((mm: number, digits = Math.abs(mm) < 1.2 ? 3 : 1) => formatLength(mm, unit, digits), [unit]);
}
