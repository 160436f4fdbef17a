import { lightFromTime } from "./exposureTime.ts";

/** What a photograph's file says of how it was taken. */
export interface PhotographData {
  /** FNumber, Exif 0x829D, > 0. */
  readonly fNumber: number;
  /** ExposureTime, Exif 0x829A, s, > 0. */
  readonly seconds: number;
  /** PhotographicSensitivity, Exif 0x8827, > 0. */
  readonly iso: number;
}

/** Linear value of mid-grey. */
const MIDDLE = 0.18;
/** A phone's tone curve bends what is farther from the middle: it is kept to this, stops. */
const FARTHEST = 3;

/**
 * The light of a photograph as its camera metered it: EV₁₀₀ = log₂(N²/t·100/S).
 *
 * @returns EV₁₀₀
 * @source PHYSICS section 15; Exif 2.32 (CIPA DC-008-2019), ISO 2720:1974
 * @example photographEv({ fNumber: 16, seconds: 1, iso: 100 }) // 8
 */
export function photographEv({ fNumber, seconds, iso }: PhotographData): number {
  return lightFromTime(seconds, fNumber, iso);
}

/**
 * The light of one place of a photograph: EV + log₂(Y/0.18), the logarithm kept to ±3 stops.
 *
 * @param ev of the whole photograph
 * @param luminance Y, linear, 0 to 1
 * @returns EV₁₀₀; good to ±1 stop, since phones bend their tones
 * @source PHYSICS section 15
 * @example spotEv(12, 0.36) // 13
 */
export function spotEv(ev: number, luminance: number): number {
  const stops = Math.log2(luminance / MIDDLE);
  return ev + Math.min(FARTHEST, Math.max(-FARTHEST, stops));
}
