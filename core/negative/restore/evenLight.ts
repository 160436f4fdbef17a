import { illumination, rayTo } from "../../light/rays/index.ts";
import type { OpticalModel } from "../../light/solve/index.ts";
import type { ExposureMap } from "../density/exposureMap.ts";
import type { SheetInScan } from "../scan/sheetInScan.ts";
import { coarseField } from "./coarseField.ts";

/** What got less light than this share is missing, and not invented: four stops. PHYSICS section 11. */
export const LEAST_LIGHT: number = 1 / 16;

/**
 * Relative illumination of a sheet place.
 *
 * @returns E ≥ 0; 1 on the axis of an untilted sheet
 * @source PHYSICS section 2
 * @example lightAt(model, 0, 0) // 1 …
 */
export function lightAt({ aperture, distance, place, surface }: OpticalModel, s: number, t: number): number {
  return illumination(aperture, distance, rayTo(place, surface, s, t));
}

/**
 * Which part of a sheet a place belongs to, for drawing the field of its light by straight lines: near the limit a plate's
 * shadow falls off too quickly for them.
 *
 * @returns 1: well lit, 2: dark, 0: near the limit
 * @example lightPart(1) // 1
 */
export function lightPart(light: number): 0 | 1 | 2 {
  if (light > 2 * LEAST_LIGHT) return 1;
  return light < LEAST_LIGHT / 4 ? 2 : 0;
}

/**
 * The light of a map's pixels, row by row.
 *
 * @returns a function that writes E of a row's pixels into `row`
 * @example lightField(map, sheet, model) // (y, row) => void …
 */
export function lightField(
  { left, top, width, height }: ExposureMap,
  sheet: SheetInScan,
  model: OpticalModel,
): (y: number, row: Float64Array) => void {
  return coarseField(width, height, (x, y, out) => {
    const { s, t } = sheet.toSheet(left + x + 0.5, top + y + 0.5);
    const light = lightAt(model, s, t);
    out[0] = light;
    return lightPart(light);
  });
}

/**
 * Takes the fall-off that geometry causes out of a map, in place: H/E. Where E < 1/16 it is taken for 1/16: such places
 * are missing in what is drawn.
 *
 * @source PHYSICS section 11, “Even light”
 * @example evenLight(map, sheet, model) // map.log is changed …
 */
export function evenLight(map: ExposureMap, sheet: SheetInScan, model: OpticalModel): void {
  const { width, height, log } = map;
  const row = new Float64Array(width);
  const field = lightField(map, sheet, model);
  for (let y = 0; y < height; y++) {
    field(y, row);
    for (let x = 0; x < width; x++) {
      const at = y * width + x;
      log[at] = (log[at] as number) - Math.log10(Math.max(row[x] as number, LEAST_LIGHT));
    }
  }
}
