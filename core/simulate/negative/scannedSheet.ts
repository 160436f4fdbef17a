import { MM_PER_INCH } from "../../basis/units/index.ts";
import { type Exposed, finerRows, type PreviewRequest } from "../../bench/preview/index.ts";
import { densityCurve, flashDose } from "../../light/exposure/index.ts";
import type { GreyPicture } from "../../make/holeScan/index.ts";
import { FLATBED_WHITE, scanSheet } from "../flatbed/index.ts";

/** How an exposed sheet is developed and laid on the made-up flatbed. */
export interface GlassOrder {
  readonly request: Pick<PreviewRequest, "camera" | "medium" | "flashes">;
  readonly dpi: number;
  readonly bits: 8 | 16;
  readonly hair: boolean;
  /** Whether light came in beside the lid. */
  readonly leaks?: boolean;
  /** How the sheet lies on the glass, quarter turns clockwise. */
  readonly quarters: 0 | 1 | 2 | 3;
}

/** A sheet of white paper on the glass: light of its base and of a scanner's lid. From memory. */
const GLASS = { white: FLATBED_WHITE, lid: 0.97, border: 6, grain: 0.012, turnDeg: 3 } as const;
/** The finest a made-up sheet is kept, px across. */
const MOST_COLUMNS = 2400;

/** A leak by the lid: a streak from the upper edge, so many flashes at its strongest, mm wide and deep. Common practice. */
const LEAK = { at: 18, flashes: 120, width: 7, depth: 12 } as const;

/** Light that came in beside the lid, in flashes: at so many mm from the sheet’s middle, and from its edge. */
function leakAt(across: number, fromEdge: number): number {
  return LEAK.flashes * Math.exp(-(((across - LEAK.at) / LEAK.width) ** 2)) * Math.exp(-fromEdge / LEAK.depth);
}

/**
 * What the made-up flatbed sees of an exposed sheet: developed by its medium's curve, with grain, a slight turn and the lid
 * round it.
 *
 * @param exposed light on the sheet, lx·s
 * @param random numbers from 0 to 1, 1 left out
 * @example scannedSheet(exposed, { request, dpi: 60, bits: 8, hair: false, quarters: 0 }, random) // a picture of 8 bits, with the lid round it
 */
export function scannedSheet(
  exposed: Exposed,
  { request, dpi, bits, hair, leaks, quarters }: GlassOrder,
  random: () => number,
): GreyPicture {
  const { film } = request.camera.chambers[0];
  const { density: range, iso } = request.medium;
  const columns = Math.min(MOST_COLUMNS, Math.max(exposed.width, Math.round((film.width / MM_PER_INCH) * dpi)));
  const rows = Math.max(2, Math.round((columns * film.height) / film.width));
  const curve = densityCurve(range, iso);
  const oneFlash = flashDose(range, iso);
  const density = new Float32Array(columns * rows);
  const { line, read } = finerRows(exposed, columns, rows);
  for (let y = 0; y < rows; y++) {
    read(y);
    for (let x = 0; x < columns; x++) {
      const leaked = leaks ? leakAt((x / columns - 0.5) * film.width, (y / rows) * film.height) : 0;
      const light = Math.max(0, line[x] as number) + (request.flashes + leaked) * oneFlash;
      density[y * columns + x] = curve(light) - range.least;
    }
  }
  const turnDeg = GLASS.turnDeg * (2 * random() - 1);
  const encoding = bits === 8 ? "srgb" : "linear";
  const sheet = { width: film.width, height: film.height, columns, rows, density };
  return scanSheet(sheet, { ...GLASS, dpi, bits, encoding, quarters, turnDeg, hair }, random).picture;
}
