import type { DesignField } from "./designFields.ts";

/** What can't be built, at the field that would have to change. */
export interface DesignFault {
  readonly field: DesignField;
  readonly message: string;
}

/** Turns millimetres into the maker's words, such as `66.5 mm`. */
export type LengthWords = (mm: number) => string;
