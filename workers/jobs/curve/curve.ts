import { lightBand, meanWavelength, type ResolutionCurve, resolutionCurve } from "../../../core/light/hole/index.ts";
import type { Job } from "../../transport/protocol.ts";

/** Which light and which contrast a curve is wanted for. */
export interface CurveQuestion {
  readonly sensitivity: readonly (readonly [number, number])[];
  readonly kelvin: number;
  readonly contrast: number;
}

export interface CurveAnswer {
  readonly curve: ResolutionCurve;
  /** Mean wavelength of the band, and its ends, nm. */
  readonly wavelengthNm: number;
  readonly from: number;
  readonly to: number;
}

/** Works out resolution against the hole's diameter over the whole band of light that a medium sees. */
export const curve: Job<CurveQuestion, CurveAnswer> = async ({ sensitivity, kelvin, contrast }) => {
  const band = lightBand(sensitivity, kelvin);
  return {
    output: {
      curve: resolutionCurve(band, contrast),
      wavelengthNm: meanWavelength(band),
      from: band[0]?.wavelengthNm ?? 0,
      to: band.at(-1)?.wavelengthNm ?? 0,
    },
    transfer: [],
  };
};
