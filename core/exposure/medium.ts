import type { LongTimeRule } from "./longTime.ts";

/** A class of paper or film, as the catalogue describes it. */
export interface Medium {
  readonly id: string;
  readonly name: string;
  readonly kind: "paper" | "film";
  /** Starting speed, ISO. */
  readonly iso: number;
  /** Effective wavelength of the light it sees, nm. */
  readonly wavelengthNm: number;
  readonly longTime: LongTimeRule;
  readonly source: string;
}
