import { magnification } from "./effectiveDistance.ts";
import { fresnelScale, type Setting } from "./fresnelScale.ts";
import { scaledResolution } from "./scaledResolution.ts";

/**
 * The finest detail on the axis: the lowest frequency at which contrast falls to `atContrast`.
 *
 * @param diameter d in mm, > 0
 * @param setting distance, wavelength and subject distance
 * @param atContrast κ in [0.02, 0.95]
 * @returns cycles/mm on the film (line pairs per mm)
 * @example resolution(0.3, { distance: 60, wavelengthNm: 550, subjectDistance: null }, 0.2) // 4.780…
 */
export function resolution(diameter: number, setting: Setting, atContrast: number): number {
  const scale = fresnelScale(setting);
  return toFrequency(scaledResolution(atContrast, diameter / scale), setting);
}

/**
 * Frequency ν in cycles/mm that belongs to a scaled frequency n.
 *
 * @returns cycles/mm
 * @example toFrequency(1, { distance: 100, wavelengthNm: 400, subjectDistance: null }) // 5
 */
export function toFrequency(scaled: number, setting: Setting): number {
  return scaled / (magnification(setting.distance, setting.subjectDistance) * fresnelScale(setting));
}
