import type { DensityRange } from "./densityCurve.ts";
import type { ReciprocityRule } from "./reciprocity.ts";

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
