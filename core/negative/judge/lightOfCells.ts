import { type OpticalModel, opticalModel } from "../../light/solve/index.ts";
import { type Distribution, spreadOfAll } from "../model/distribution.ts";
import { lightTable, type NegativeScan, readRow } from "../model/negativeScan.ts";
import type { ProofSettings } from "../model/proofSettings.ts";
import { lightAt } from "../restore/evenLight.ts";
import type { PlacedSheet } from "../scan/placeSheet.ts";
import { insideOf, MARGIN, type SheetInScan } from "../scan/sheetInScan.ts";

/** The light that a sheet is judged by. */
export interface CountedLight {
  /** Light averaged over cells, linear. */
  readonly light: Distribution;
  /** The part of the sheet inside the margin that counts, > 0 to 1. */
  readonly share: number;
}

/** Cells across the sheet: a pinhole draws nothing finer, and grain is no exposure. PHYSICS section 11. */
const CELLS = 300;
/** Where less than this share of the sheet had light enough, all of it counts. PHYSICS section 11. */
const LEAST_SHARE = 0.1;

/**
 * Whether a place had light enough to say something of the time: what plate, wall or slope keep dark says nothing of it.
 *
 * @param within stops less than on the axis, at most
 * @returns of a place, mm from the sheet's middle
 * @source PHYSICS section 11, “Judging”: E(s, t) ≥ 2⁻ⁿ; section 2 for E
 * @example isWithin(model, 2)(0, 0) // true …
 */
export function isWithin(model: OpticalModel, within: number): (s: number, t: number) => boolean {
  const least = 2 ** -within;
  return (s, t) => lightAt(model, s, t) >= least;
}

/**
 * The light of a sheet inside the margin, averaged over square cells of 1/300 of its width, of those places that count.
 *
 * @param settings with `within` and a camera only places where so much light could fall count
 * @returns light of each cell, and their share of all; cells are one pixel where pixels are larger
 * @source PHYSICS section 11, “Judging”
 * @example lightOfCells(scan, { medium, sheet }, placeSheet(scan, { medium, sheet })).share // 1 …
 */
export function lightOfCells(scan: NegativeScan, settings: ProofSettings, { sheet }: PlacedSheet): CountedLight {
  const cells = averaged(scan, settings, sheet);
  const all = spreadOfAll(Float64Array.from(cells, ({ light }) => light));
  const { camera = null, within = null } = settings;
  if (camera === null || within === null || cells.length === 0) return { light: all, share: 1 };
  const counts = isWithin(opticalModel(camera), within);
  const lit = cells.filter(({ s, t }) => counts(s, t));
  if (lit.length < LEAST_SHARE * cells.length) return { light: all, share: 1 };
  return { light: spreadOfAll(Float64Array.from(lit, ({ light }) => light)), share: lit.length / cells.length };
}

/** A cell's mean light and its middle on the sheet, mm. */
interface Cell {
  readonly light: number;
  readonly s: number;
  readonly t: number;
}

function averaged(scan: NegativeScan, { encoding = "file" }: ProofSettings, sheet: SheetInScan): readonly Cell[] {
  const { width, height, toSheet, pixelsPerMm } = sheet;
  const side = Math.max(width / CELLS, 1 / pixelsPerMm);
  const [wide, high] = [(1 - 2 * MARGIN) * width, (1 - 2 * MARGIN) * height];
  const [columns, rows] = [Math.max(1, Math.ceil(wide / side - 1e-9)), Math.max(1, Math.ceil(high / side - 1e-9))];
  const sums = new Float64Array(columns * rows);
  const counts = new Uint32Array(columns * rows);
  const span = insideOf(sheet, scan);
  const read = readRow(scan, lightTable(scan, encoding), "luminance");
  const row = new Float64Array(scan.width);
  for (let y = 0; y < scan.height; y++) {
    const { from, to } = span(y);
    if (to <= from) continue;
    read(y, from, to, row);
    for (let x = from; x < to; x++) {
      const { s, t } = toSheet(x + 0.5, y + 0.5);
      const column = Math.min(columns - 1, Math.max(0, Math.floor((s + wide / 2) / side)));
      const line = Math.min(rows - 1, Math.max(0, Math.floor((t + high / 2) / side)));
      const at = line * columns + column;
      sums[at] = (sums[at] as number) + (row[x - from] as number);
      counts[at] = (counts[at] as number) + 1;
    }
  }
  const cells: Cell[] = [];
  counts.forEach((count, at) => {
    if (count === 0) return;
    const s = ((at % columns) + 0.5) * side - wide / 2;
    const t = (Math.floor(at / columns) + 0.5) * side - high / 2;
    cells.push({ light: (sums[at] as number) / count, s, t });
  });
  return cells;
}
