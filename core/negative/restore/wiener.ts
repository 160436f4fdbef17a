import { MM_PER_NM } from "../../basis/units/index.ts";
import type { BandLine } from "../../light/hole/index.ts";
import { acrossRay, contrastAcross, type OpticalModel, type RaySight, sightAt } from "../../light/solve/index.ts";
import type { ExposureMap } from "../density/exposureMap.ts";
import type { SheetInScan } from "../scan/sheetInScan.ts";
import { TILE } from "./tileTransform.ts";

/** Where a tile begins, px of what is worked with. */
export interface TileStart {
  readonly left: number;
  readonly top: number;
}

/** Greatest gain. PHYSICS section 11. */
const MOST_GAIN = 4;
/** Contrast is tabulated by direction and frequency. */
const DIRECTIONS = 6;
const RADII = 256;

/**
 * Shortest wavelength of a band: it draws finest.
 *
 * @returns mm
 * @example shortestOf([{ wavelengthNm: 450, share: 1 }]) // 0.00045
 */
export function shortestOf(lines: readonly BandLine[]): number {
  return MM_PER_NM * Math.min(...lines.map(({ wavelengthNm }) => wavelengthNm));
}

/**
 * Makes the filter of a tile: gains by frequency, in the order of the transform.
 *
 * @param snr power of the picture over that of its grain, > 0
 * @param step pixels of the scan for one of a tile
 * @example filterMaker({ model, lines }, sheet, 11, 1)(map, { left: 0, top: 0 }) // TILE² gains …
 */
export function filterMaker(
  { model, lines }: { readonly model: OpticalModel; readonly lines: readonly BandLine[] },
  sheet: SheetInScan,
  snr: number,
  step: number,
): (map: ExposureMap, tile: TileStart) => Float32Array {
  const radius = model.aperture.diameter / 2;
  return (map, { left, top }) => {
    const middle = (start: number, length: number): number =>
      Math.min(length, Math.max(0, (start + TILE / 2) * step)) + 0.5;
    const [x, y] = [map.left + middle(left, map.width), map.top + middle(top, map.height)];
    const { s, t } = sheet.toSheet(x, y);
    const filter = new Float32Array(TILE * TILE);
    const sight = sightAt(model, s, t);
    if (sight === null) return filter.fill(1);
    const contrast = contrastTable(sight, radius, lines);
    // A frequency of the raster, cycles a pixel, is J⁻ᵀ of one of the sheet.
    const [sx, sy, tx, ty] = sheet.slopeAt(x, y).map((slope) => slope * step) as [number, number, number, number];
    const det = sx * ty - sy * tx;
    for (let ky = 0; ky <= TILE / 2; ky++) {
      const fy = ky / TILE;
      const opposite = ((TILE - ky) % TILE) * TILE;
      for (let kx = 0; kx < TILE; kx++) {
        const fx = (kx < TILE / 2 ? kx : kx - TILE) / TILE;
        const { along, across } = acrossRay(sight.projection, (ty * fx - tx * fy) / det, (sx * fy - sy * fx) / det);
        const seen = contrast(along, across);
        if (seen === 0) continue;
        const value = gain(step === 1 ? seen : seen * box(fx) * box(fy), snr);
        filter[ky * TILE + kx] = value;
        // A real picture has the same at opposite frequencies.
        filter[opposite + ((TILE - kx) % TILE)] = value;
      }
    }
    return filter;
  };
}

/**
 * The finest frequency across that a filter lets through.
 *
 * @returns turns a tile, 0 to TILE/2
 * @example finestOf(new Float32Array(TILE * TILE)) // 0
 */
export function finestOf(filter: Float32Array): number {
  for (let finest = TILE / 2; finest > 0; finest--) {
    for (let y = 0; y < TILE; y++) {
      if (filter[y * TILE + finest] !== 0 || filter[y * TILE + TILE - finest] !== 0) return finest;
    }
  }
  return 0;
}

/** What averaging over blocks leaves of a frequency. */
function box(turns: number): number {
  return turns === 0 ? 1 : Math.sin(Math.PI * turns) / (Math.PI * turns);
}

/**
 * Wiener's gain for a contrast.
 *
 * @param contrast M, signed
 * @param snr power of the picture over that of its grain, > 0
 * @returns F, kept to ±4; 1 where M = 1
 * @source PHYSICS section 11: F = G·M/(M² + 1/SNR), G = 1 + 1/SNR
 * @example gain(0.3, 11) // 1.809…
 */
export function gain(contrast: number, snr: number): number {
  const full = ((1 + 1 / snr) * contrast) / (contrast * contrast + 1 / snr);
  return Math.min(MOST_GAIN, Math.max(-MOST_GAIN, full));
}

/** Contrast across a ray by direction and frequency, between its table's places by straight lines. */
function contrastTable(
  sight: RaySight,
  radius: number,
  lines: readonly BandLine[],
): (along: number, across: number) => number {
  const cutoff = (2 * radius) / (shortestOf(lines) * sight.length);
  const table = new Float64Array((DIRECTIONS + 1) * (RADII + 1));
  for (let direction = 0; direction <= DIRECTIONS; direction++) {
    // Directions are told apart by sin², which needs no arc.
    const sin = Math.sqrt(direction / DIRECTIONS);
    const cos = Math.sqrt(1 - direction / DIRECTIONS);
    for (let i = 0; i <= RADII; i++) {
      const frequency = (i / RADII) * cutoff;
      table[direction * (RADII + 1) + i] = contrastAcross(sight, radius, lines, frequency * cos, frequency * sin);
    }
  }
  const scale = RADII / cutoff;
  return (along, across) => {
    const [a, b] = [along * along, across * across];
    const place = Math.sqrt(a + b) * scale;
    if (place >= RADII) return 0;
    const turn = a + b > 0 ? (b / (a + b)) * DIRECTIONS : 0;
    const i = place | 0;
    const d = Math.min(DIRECTIONS - 1, turn | 0);
    const u = place - i;
    const at = d * (RADII + 1) + i;
    const first = (table[at] as number) * (1 - u) + (table[at + 1] as number) * u;
    const next = (table[at + RADII + 1] as number) * (1 - u) + (table[at + RADII + 2] as number) * u;
    return first + (next - first) * (turn - d);
  };
}
