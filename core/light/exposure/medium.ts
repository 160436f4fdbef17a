import type { DensityRange } from "./densityCurve.ts";
import type { ReciprocityRule } from "./reciprocity.ts";

/** What light does to a sheet: it darkens in the developer, it pales, or it prints out by itself. */
export type SheetResponse = "negative" | "direct-positive" | "printing-out";

/**
 * What light does to a sheet.
 *
 * @param density of its medium
 * @param isTrail whether it is exposed for weeks and never developed
 * @source PHYSICS sections 9, 11 and 14
 * @example responseOf({ least: 0.05, most: 2.05, range: 110, positive: true }, false) // "direct-positive"
 */
export function responseOf({ positive = false }: DensityRange, isTrail: boolean): SheetResponse {
  return isTrail ? "printing-out" : positive ? "direct-positive" : "negative";
}

/** A class of paper or film, as the catalogue describes it. */
export interface Medium {
  readonly id: string;
  readonly name: string;
  readonly kind: "paper" | "film";
  /** Starting speed, ISO. */
  readonly iso: number;
  /** Effective wavelength of the light it sees, nm. */
  readonly wavelengthNm: number;
  /** Relative sensitivity, linear, at wavelengths in nm; straight lines between. */
  readonly sensitivity: readonly (readonly [wavelengthNm: number, sensitivity: number])[];
  /** Its density curve: fog and greatest density, and its range R (ISO 6846: log exposure range × 100). */
  readonly density: DensityRange;
  readonly longTime: ReciprocityRule;
  readonly source: string;
}
