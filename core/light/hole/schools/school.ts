import { fresnelScale, type Setting } from "../fresnelScale.ts";

/** Identifiers of the rules that give a hole from a constant alone. */
export type SchoolId = "petzval" | "airy" | "rayleigh" | "zone";

/** One published rule for the best hole: d = c·√(λz′). */
export interface School {
  readonly id: SchoolId;
  readonly name: string;
  /** Hole constant c, no unit. */
  readonly constant: number;
  readonly source: string;
  /** What its author asked of the hole, in a sentence. */
  readonly idea: string;
  readonly validRange: string;
  /** Best diameter in mm. */
  readonly compute: (setting: Setting) => number;
}

/**
 * Builds the rule with constant `constant`; distances must exceed about ten diameters for the approximation to hold.
 *
 * @example school({ id: "own", constant: 2, … }).compute(setting) // 2·√(λz′)
 */
export function school(row: Omit<School, "compute" | "validRange">): School {
  return {
    ...row,
    validRange: "hole much smaller than its distances (d ≤ z/10)",
    compute: (setting) => row.constant * fresnelScale(setting),
  };
}
