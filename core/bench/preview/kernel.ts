import { MM_PER_NM } from "../../basis/units/index.ts";
import { type BandLine, type ObliquePupil, obliqueContrast } from "../../light/hole/index.ts";
import { type AcrossRay, acrossRay } from "../../light/solve/index.ts";

/** A blur for one place of the sheet: weights over (2·reach + 1)² pixels, adding to 1. */
export interface Kernel {
  readonly reach: number;
  readonly weights: Float32Array;
}

/**
 * The point spread of the hole as one place of the sheet sees it, on the pixel grid: the inverse transform of the exact
 * contrast, so that the contrast of what is drawn is that of the formula at every frequency of the grid.
 *
 * @param pupil the hole's outline and distances
 * @param projection from sheet to across-ray plane
 * @param lines light, shares adding to 1
 * @param pitch pixel pitch, mm
 * @param reach how many pixels to either side
 * @param soft whether pixels stand for their whole square (where the grid is too coarse for the finest detail)
 * @returns weights that add to 1
 * @example kernelAt(pupil, straightOn, [{ wavelengthNm: 550, share: 1 }], 0.05, 10, false).weights // 21 × 21 of them, adding to 1 …
 */
export function kernelAt(
  pupil: ObliquePupil,
  projection: AcrossRay,
  lines: readonly BandLine[],
  pitch: number,
  reach: number,
  soft: boolean,
): Kernel {
  const size = 2 * reach + 2;
  const spectrum = spectrumOf(pupil, projection, lines, pitch, size, soft);
  const side = 2 * reach + 1;
  const weights = new Float32Array(side * side);
  const [cos, sin] = [Math.cos, Math.sin].map((wave) =>
    Float64Array.from({ length: size }, (_, i) => wave((2 * Math.PI * i) / size)),
  ) as [Float64Array, Float64Array];
  const turn = (k: number, x: number): number => ((((k - size / 2) * x) % size) + size) % size;
  // First along the rows of frequencies, then down their columns; opposite weights are the same.
  const real = new Float64Array(size * side);
  const imaginary = new Float64Array(size * side);
  for (let ky = 0; ky < size; ky++) {
    for (let column = -reach; column <= reach; column++) {
      let [re, im] = [0, 0];
      for (let kx = 0; kx < size; kx++) {
        const at = turn(kx, column);
        const value = spectrum[ky * size + kx] as number;
        re += value * (cos[at] as number);
        im += value * (sin[at] as number);
      }
      real[ky * side + column + reach] = re;
      imaginary[ky * side + column + reach] = im;
    }
  }
  for (let row = 0; row <= reach; row++) {
    for (let column = 0; column < side; column++) {
      let sum = 0;
      for (let ky = 0; ky < size; ky++) {
        const at = turn(ky, row);
        sum +=
          (real[ky * side + column] as number) * (cos[at] as number) -
          (imaginary[ky * side + column] as number) * (sin[at] as number);
      }
      weights[(reach + row) * side + column] = sum;
      weights[(reach - row) * side + side - 1 - column] = sum;
    }
  }
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  for (let i = 0; i < weights.length; i++) weights[i] = (weights[i] as number) / total;
  return { reach, weights };
}

/** Contrast at every frequency of the grid; it is the same at opposite frequencies. */
function spectrumOf(
  pupil: ObliquePupil,
  projection: AcrossRay,
  lines: readonly BandLine[],
  pitch: number,
  size: number,
  soft: boolean,
): Float64Array {
  const spectrum = new Float64Array(size * size);
  const half = size / 2;
  for (let ky = 0; ky <= half; ky++) {
    for (let kx = 0; kx < size; kx++) {
      const fs = (kx - half) / (size * pitch);
      const ft = (ky - half) / (size * pitch);
      const { along, across } = acrossRay(projection, fs, ft);
      let value = 0;
      for (const { wavelengthNm, share } of lines) {
        value += share * obliqueContrast(pupil, wavelengthNm * MM_PER_NM, along, across);
      }
      if (soft) value *= box(fs * pitch) * box(ft * pitch);
      spectrum[ky * size + kx] = value;
      const [ox, oy] = [(size - kx) % size, (size - ky) % size];
      spectrum[oy * size + ox] = value;
    }
  }
  return spectrum;
}

function box(turns: number): number {
  return turns === 0 ? 1 : Math.sin(Math.PI * turns) / (Math.PI * turns);
}

/**
 * Half the width that holds nearly all of the light of a point, mm: the hole's shadow and three rings.
 *
 * @returns mm, > 0
 * @example spread(0.3, 60, 550, null) // 0.37
 */
export function spread(
  diameter: number,
  distance: number,
  wavelengthNm: number,
  subjectDistance: number | null,
): number {
  const shadow = (diameter / 2) * (1 + (subjectDistance === null ? 0 : distance / subjectDistance));
  return shadow + (2 * wavelengthNm * MM_PER_NM * distance) / diameter;
}
