import type { DesignFault, LengthWords } from "./designFault.ts";
import type { DesignField } from "./designFields.ts";

/** The largest length a design may have, and the largest hole, mm (FORMAT). */
export const LARGEST = 5000;
export const LARGEST_HOLE = 10;

/** The least length of a design and the least hole, mm (FORMAT). */
const SMALLEST = 0.1;
const SMALLEST_HOLE = 0.001;

/** The fault of a size that must be above 0 and at most `most` mm; none where it is. */
export function positive(field: DesignField, value: number, most: number, words: LengthWords): readonly DesignFault[] {
  if (!(value > 0)) return [{ field, message: `Must be above 0, such as ${words(most / 50)}.` }];
  const least = most <= LARGEST_HOLE ? SMALLEST_HOLE : SMALLEST;
  if (value < least) return [{ field, message: `Must be ${words(least, 3)} or more.` }];
  return value > most ? [{ field, message: `Can be ${words(most)} at most.` }] : [];
}

/** The fault of a size that may be 0 and is at most `most` mm; none where it is. */
export function notNegative(
  field: DesignField,
  value: number,
  most: number,
  words: LengthWords,
): readonly DesignFault[] {
  if (value < 0) return [{ field, message: "Can’t be less than 0." }];
  return value > most ? [{ field, message: `Can be ${words(most)} at most.` }] : [];
}

/** A whole number between two ends. */
export function counted(field: DesignField, value: number, least: number, most: number): readonly DesignFault[] {
  return Number.isInteger(value) && value >= least && value <= most
    ? []
    : [{ field, message: `A whole number from ${least} to ${most}.` }];
}
