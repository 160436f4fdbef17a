import type { DesignFault } from "./designFault.ts";
import type { DesignField } from "./designFields.ts";

/** The largest length a design may have, and the largest hole, mm (FORMAT). */
export const LARGEST = 5000;
export const LARGEST_HOLE = 10;

/** The least length of a design and the least hole, mm (FORMAT). */
export const SMALLEST = 0.1;
const SMALLEST_HOLE = 0.001;

/** The fault of a size that must be above 0 and at most `most` mm; none where it is. */
export function positive(field: DesignField, value: number, most: number): readonly DesignFault[] {
  if (!(value > 0)) return [{ field, limit: { code: "above-zero", such: most / 50 } }];
  const least = most <= LARGEST_HOLE ? SMALLEST_HOLE : SMALLEST;
  if (value < least) return [{ field, limit: { code: "at-least", least } }];
  return value > most ? [{ field, limit: { code: "at-most", most } }] : [];
}

/** The fault of a size that may be 0 and is at most `most` mm; none where it is. */
export function notNegative(field: DesignField, value: number, most: number): readonly DesignFault[] {
  if (value < 0) return [{ field, limit: { code: "not-negative" } }];
  return value > most ? [{ field, limit: { code: "at-most", most } }] : [];
}

/** A whole number between two ends. */
export function counted(field: DesignField, value: number, least: number, most: number): readonly DesignFault[] {
  return Number.isInteger(value) && value >= least && value <= most
    ? []
    : [{ field, limit: { code: "whole", least, most } }];
}
