import { DAYLIGHT, lightBandEnergy } from "../hole/index.ts";

/** How the eye, and a meter, see light: V(λ), CIE 1924 (CIE 018:2019), every 20 nm; from memory. */
const EYE: readonly (readonly [number, number])[] = [
  [400, 0.0004],
  [420, 0.004],
  [440, 0.023],
  [460, 0.06],
  [480, 0.139],
  [500, 0.323],
  [520, 0.71],
  [540, 0.954],
  [560, 0.995],
  [580, 0.87],
  [600, 0.631],
  [620, 0.381],
  [640, 0.175],
  [660, 0.061],
  [680, 0.017],
  [700, 0.0041],
];

/**
 * How many stops more a sheet wants in a light that is redder than the day than a meter, which sees as the eye does, says.
 *
 * @param sensitivity of the medium, relative and linear, at wavelengths in nm
 * @param kelvin colour temperature of the light, > 1000
 * @returns stops, > 0 in lamp light on paper that sees blue; 0 in daylight
 * @source ratio of ∫ light × sensitivity to ∫ light × V(λ), over that in daylight; Planck's law
 * @example lampStops([[400, 1], [450, 1], [500, 0]], 2700) // 1.929…
 */
export function lampStops(sensitivity: readonly (readonly [number, number])[], kelvin: number): number {
  const seen = (at: number): number => lightBandEnergy(sensitivity, at) / lightBandEnergy(EYE, at);
  return Math.log2(seen(DAYLIGHT) / seen(kelvin));
}

/**
 * What a light is worth to a sheet: its EV less what the sheet does not see of it.
 *
 * @param ev EV₁₀₀ as a meter has it
 * @param kelvin colour temperature of a light that is redder than the day's; left out: the day's
 * @returns EV₁₀₀
 * @example evOnSheet(6, 2700, [[400, 1], [450, 1], [500, 0]]) // 4.0709…
 */
export function evOnSheet(
  ev: number,
  kelvin: number | undefined,
  sensitivity: readonly (readonly [number, number])[],
): number {
  return kelvin === undefined ? ev : ev - lampStops(sensitivity, kelvin);
}
