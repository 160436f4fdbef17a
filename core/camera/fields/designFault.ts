import type { DesignField } from "./designFields.ts";

/** What can't be built, at the field that would have to change. */
export interface DesignFault {
  readonly field: DesignField;
  readonly message: string;
}

/**
 * Turns millimetres into the maker's words, such as `66.5 mm`; with so many decimals, or as a distance (“far”: `2.1 m`), where
 * that is said.
 */
export type LengthWords = (mm: number, digits?: number | "far") => string;
