import type { OpticalModel } from "../../light/solve/index.ts";
import type { ExposureMap } from "../density/exposureMap.ts";
import { coarseRuns, type FieldRun, type PlaceField } from "../restore/coarseField.ts";
import { LEAST_LIGHT, lightAt, lightPart } from "../restore/evenLight.ts";
import type { SheetInScan } from "../scan/sheetInScan.ts";
import type { PictureFrame } from "./pictureFrame.ts";
import { drawRun, MISSING } from "./resample.ts";

/** Parts of a picture, beside those of `lightPart`, where nothing lands. */
const UNSEEN = 3;
const BESIDE = 4;
const LIT = 1;

/**
 * Lays a sheet's exposures into an upright picture: bicubic, averaged over a pixel's area where it shrinks. Both work on
 * log H, in which a sheet's grain is even.
 *
 * @param map of the sheet; already evened where `even` is given
 * @param even the camera, where places with less than 1/16 of the light are to be missing
 * @param part rows of the picture to draw, from one to before another; all when left out
 * @returns log₁₀ H, lx·s, row by row from the top; −99 where nothing is known
 * @source PHYSICS section 11, “Unbending”
 * @example unbend(map, sheet, frame, null).length // width × height of the frame …
 */
export function unbend(
  map: ExposureMap,
  sheet: SheetInScan,
  frame: PictureFrame,
  even: OpticalModel | null,
  part: { readonly from: number; readonly to: number } = { from: 0, to: frame.height },
): Float32Array<ArrayBuffer> {
  const { width } = frame;
  const rows = part.to - part.from;
  const out = new Float32Array(width * rows);
  const field = placesOf(map, sheet, frame, even, part.from);
  const runs = coarseRuns(width, rows, COUNT, field);
  const [right, below] = [new Float64Array(COUNT), new Float64Array(COUNT)];
  let start = 0;
  let y = 0;
  const draw = ({ first, end, smooth, part, values, across, down }: FieldRun): void => {
    const to = start + first;
    const dark = smooth ? part !== LIT : part === UNSEEN || part === BESIDE || (values[2] as number) < LEAST_LIGHT;
    if (dark) {
      out.fill(MISSING, to, start + end);
      return;
    }
    if (!smooth) {
      // At the picture's rim a neighbour may see nothing: there it is drawn as it is.
      field(first + 1, y, right);
      field(first, y + 1, below);
      stepsTo(right, values, across);
      stepsTo(below, values, down);
    }
    drawRun(map, values, across, down, out, to, end - first);
  };
  for (; y < rows; y++, start += width) runs(y, draw);
  return out;
}

/** By how much a neighbour's numbers are greater; 0 where they are not known. */
function stepsTo(neighbour: Float64Array, values: Float64Array, steps: Float64Array): void {
  for (let k = 0; k < COUNT; k++) {
    const step = (neighbour[k] as number) - (values[k] as number);
    steps[k] = Number.isNaN(step) ? 0 : step;
  }
}

/** Numbers of a place: its point of the map, x and y, and the light it had. */
const COUNT = 3;

/** Where the pixels of a picture lie on a map. */
function placesOf(
  map: ExposureMap,
  sheet: SheetInScan,
  frame: PictureFrame,
  even: OpticalModel | null,
  from: number,
): PlaceField {
  const [s, t] = [sheet.width / 2 + 1e-6, sheet.height / 2 + 1e-6];
  return (column, row, place) => {
    const at = frame.toSheet(column + 0.5, row + from + 0.5);
    place.fill(Number.NaN);
    if (at === null) return UNSEEN;
    if (Math.abs(at.s) > s || Math.abs(at.t) > t) return BESIDE;
    const { x, y } = sheet.toScan(at.s, at.t);
    place[0] = x - map.left - 0.5;
    place[1] = y - map.top - 0.5;
    place[2] = 1;
    if (even === null) return LIT;
    const light = lightAt(even, at.s, at.t);
    place[2] = light;
    return lightPart(light);
  };
}
