import { MM_PER_NM } from "../../basis/units/index.ts";
import { effectiveDistance } from "./effectiveDistance.ts";

/** What surrounds a hole, as far as diffraction is concerned. */
export interface Setting {
  /** z, hole to film along the axis, mm, > 0. */
  readonly distance: number;
  /** Wavelength in nm, > 0. */
  readonly wavelengthNm: number;
  /** u, hole to subject, mm, > 0; `null` for far away. */
  readonly subjectDistance: number | null;
}

/**
 * √(λ z′), the length in which diffraction measures a hole: d = c·√(λz′).
 *
 * @returns mm
 * @example fresnelScale({ distance: 62, wavelengthNm: 550, subjectDistance: null }) // 0.18466…
 */
export function fresnelScale(setting: Setting): number {
  const { distance, wavelengthNm, subjectDistance } = setting;
  return Math.sqrt(wavelengthNm * MM_PER_NM * effectiveDistance(distance, subjectDistance));
}
