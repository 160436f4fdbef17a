import { chance } from "../basis/numeric/chance.ts";
import { densityCurve } from "../light/exposure/index.ts";
import { type OpticalModel, opticalModel } from "../light/solve/index.ts";
import type { NegativeScan } from "../negative/index.ts";
import { scanSheet } from "../simulate/flatbed/index.ts";

/** A graded paper, a box and a can. */
export const MEDIUM = { least: 0.05, most: 2.05, range: 110, iso: 6 };
export const FLAT = {
  hole: { diameter: 0.3 },
  film: { surface: "flat" as const, distance: 60, width: 127, height: 101.6 },
};
export const CAN = {
  hole: { diameter: 0.3 },
  film: { surface: "cylinder" as const, radius: 33, distance: 66, width: 150, height: 100 },
};
/** A flatbed without grain, at 150 dpi. */
export const SCANNER = {
  dpi: 150,
  bits: 16,
  encoding: "linear",
  lid: 0.97,
  white: 0.85,
  border: 6,
  quarters: 0,
  turnDeg: 0,
  grain: 0,
  hair: false,
} as const;

/** A negative whose exposure is known at every place of its sheet: log₁₀ lx·s. */
export function negativeOf(
  camera: typeof FLAT | typeof CAN,
  logOf: (model: OpticalModel, s: number, t: number) => number,
  settings: Partial<Parameters<typeof scanSheet>[1]> = {},
  /** Pixels of the sheet for a millimetre. */
  fine = 4,
): { scan: NegativeScan; corners: readonly (readonly [number, number])[] } {
  const model = opticalModel(camera);
  const { width, height } = camera.film;
  const [columns, rows] = [Math.round(width * fine), Math.round(height * fine)];
  const curve = densityCurve(MEDIUM, MEDIUM.iso);
  const density = new Float32Array(columns * rows);
  for (let y = 0; y < rows; y++) {
    for (let x = 0; x < columns; x++) {
      const [s, t] = [width / 2 - ((x + 0.5) * width) / columns, height / 2 - ((y + 0.5) * height) / rows];
      density[y * columns + x] = curve(10 ** logOf(model, s, t)) - MEDIUM.least;
    }
  }
  const { picture, corners } = scanSheet(
    { width, height, columns, rows, density },
    { ...SCANNER, ...settings },
    chance(7),
  );
  return { scan: { ...picture, channels: 1 }, corners };
}
