import { PRINTED_MOST, printedExposure } from "../../light/exposure/index.ts";
import type { SheetPlace } from "../../light/rays/index.ts";
import { quantile } from "../model/distribution.ts";
import { lightTable, type NegativeScan, readRow } from "../model/negativeScan.ts";
import type { PlacedSheet } from "../scan/placeSheet.ts";
import { lightOf, whiteOf } from "../scan/whiteOf.ts";

/** Light that comes from the darkest of a sheet, whatever its dust and scratches. */
const DARKEST = 0.001;
/** A sheet that is darker than a stand-in paper can be is taken as nearly all it can. */
const SPARE = 1.05;
const GREEN = 1;

/**
 * The exposures of a printed-out sheet (never developed), from its scan: light → density over the paper's own → exposure.
 *
 * @param reach half the side of the square that is averaged, mm
 * @returns for a place of the sheet (mm from its middle) its exposure over the one that gives half of the greatest density;
 *   NaN off the scan
 * @source PHYSICS section 14, D = Dmax(1 − e^(−H/H₀)), turned round
 * @example printedExposures(scan, placeSheet(scan, settings), 0.2)({ s: 0, t: 0 }) // 0.31 …
 */
export function printedExposures(
  scan: NegativeScan,
  placed: PlacedSheet,
  reach: number,
): (place: SheetPlace) => number {
  // What prints out is brown: red pales late and blue is dark soon; green goes as the paper does.
  const isGrey = scan.channels === 1;
  const { sheet } = placed;
  const read = readRow(scan, lightTable(scan, "file"), isGrey ? "luminance" : GREEN);
  const light = isGrey ? placed.light : lightOf(scan, "file", sheet, GREEN);
  const white = isGrey ? placed.white : whiteOf(light);
  const most = Math.max(PRINTED_MOST, SPARE * -Math.log10(Math.max(1e-4, quantile(light, DARKEST)) / white));
  const side = Math.max(0, Math.floor(reach * sheet.pixelsPerMm));
  const row = new Float64Array(2 * side + 1);
  return ({ s, t }) => {
    const { x, y } = sheet.toScan(s, t);
    const [left, top] = [Math.floor(x) - side, Math.floor(y) - side];
    if (left < 0 || top < 0 || left + row.length > scan.width || top + row.length > scan.height) return Number.NaN;
    let sum = 0;
    for (let j = 0; j < row.length; j++) {
      read(top + j, left, left + row.length, row);
      for (const value of row) sum += value;
    }
    const share = sum / row.length ** 2 / white;
    return printedExposure(-Math.log10(Math.max(1e-4, Math.min(1, share))) / most);
  };
}
