import { createContext, useCallback, useContext } from "react";
import { formatDistance, type LengthUnit, sayLength } from "../../core/basis/units/index.ts";
import type { LengthWords } from "../../core/camera/container/index.ts";

/** The maker's unit of length. */
export const UnitContext = createContext<LengthUnit>("mm");

export function useUnit(): LengthUnit {
  return useContext(UnitContext);
}

/** Writes lengths in the maker's unit: `words(60)` → `60 mm`; holes want three digits, distances “far”. */
export function useLengthWords(): LengthWords {
  const unit = useUnit();
  return useCallback(
    (mm, digits) => (digits === "far" ? formatDistance(mm, unit) : sayLength(mm, unit, digits)),
    [unit],
  );
}
