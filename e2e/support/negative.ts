import { chance } from "../../core/basis/numeric/chance.ts";
import { densityCurve } from "../../core/light/exposure/index.ts";
import type { NegativeScan } from "../../core/negative/index.ts";
import { scanSheet } from "../../core/simulate/flatbed/index.ts";
import { scanToPng } from "../../workers/codecs/write/writeScan.ts";

export const MEDIUM = { least: 0.05, most: 2.05, range: 110, iso: 6 } as const;
export const SHEET = { width: 127, height: 101.6 } as const;
/** log₁₀ of the exposure at the middle of the sheet, lx·s. */
export const AT_MIDDLE = 0.2;

interface Scanned {
  readonly png: Uint8Array<ArrayBuffer>;
  readonly scan: NegativeScan;
  readonly white: number;
}

/** A scanned negative of a made-up scene: brighter to the right, with a dark post. */
export function negativePng(): Promise<Scanned> {
  return scanOf((u, v) => {
    const post = Math.abs(u + 0.3) < 0.04 && v < 0.2 ? -0.8 : 0;
    return 10 ** (AT_MIDDLE + 1.2 * u - 0.5 * v + post);
  });
}

/** A strip of known times, shortest at the left, in a light of so many lux. */
export function stripPng(seconds: readonly number[], lux: number): Promise<Scanned> {
  return scanOf((u) => lux * (seconds[Math.min(seconds.length - 1, Math.floor((u + 0.5) * seconds.length))] ?? 0));
}

/** A sheet on the glass: exposure, lx·s, of its places, each ±½ across and down. */
async function scanOf(exposureAt: (u: number, v: number) => number): Promise<Scanned> {
  const [columns, rows] = [254, 203];
  const curve = densityCurve(MEDIUM, MEDIUM.iso);
  const density = new Float32Array(columns * rows);
  for (let y = 0; y < rows; y++) {
    for (let x = 0; x < columns; x++) {
      const [u, v] = [(x + 0.5) / columns - 0.5, (y + 0.5) / rows - 0.5];
      density[y * columns + x] = curve(exposureAt(u, v)) - MEDIUM.least;
    }
  }
  const white = 0.85;
  const { picture } = scanSheet(
    { ...SHEET, columns, rows, density },
    {
      dpi: 150,
      bits: 8,
      encoding: "srgb",
      lid: 0.98,
      white,
      border: 8,
      quarters: 0,
      turnDeg: 1.2,
      grain: 0.01,
      hair: false,
    },
    chance(11),
  );
  return { png: scanToPng(picture, 150), scan: { ...picture, channels: 1 }, white };
}
