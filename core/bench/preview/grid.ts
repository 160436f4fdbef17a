import { surfacePoint } from "../../light/rays/index.ts";
import type { OpticalModel } from "../../light/solve/index.ts";

/** Some rows of a picture: from one to before another. */
export interface Rows {
  readonly from: number;
  readonly to: number;
}

/**
 * Places of a sheet's pixels. On every surface of ours place = column part + row part, so that a picture of millions of
 * pixels needs only two short tables. Columns run with −s (as one looks at the emulsion), rows with −t (from the top).
 */
export interface SheetGrid {
  readonly width: number;
  readonly height: number;
  /** Pixel pitch, mm. */
  readonly pitch: number;
  /** Pixels added on every side, so that edges are blurred rightly. */
  readonly margin: number;
  /** s of the first column, t of the first row. */
  readonly s: number;
  readonly t: number;
  /** x, y, z of each column's part and each row's; the normal of each column. */
  readonly column: Float64Array;
  readonly row: Float64Array;
  readonly normal: Float64Array;
}

/** Pixels of the whole sheet at a pitch. */
export function sheetPixels({ width, height }: OpticalModel, pitch: number): { width: number; height: number } {
  return { width: Math.max(1, Math.round(width / pitch)), height: Math.max(1, Math.round(height / pitch)) };
}

/** The grid of some rows of a sheet. */
export function gridOf(model: OpticalModel, pitch: number, margin: number, rows: Rows): SheetGrid {
  const whole = sheetPixels(model, pitch);
  // Even numbers of pixels: the faint rings are blurred in squares of four.
  const width = evened(whole.width + 2 * margin);
  const height = evened(rows.to - rows.from + 2 * margin);
  const column = new Float64Array(3 * width);
  const normal = new Float64Array(3 * width);
  const row = new Float64Array(3 * height);
  const middle = surfacePoint(model.surface, 0, 0).place;
  const s = ((whole.width - 1) / 2 + margin) * pitch;
  const t = ((whole.height - 1) / 2 + margin - rows.from) * pitch;
  for (let i = 0; i < width; i++) {
    const point = surfacePoint(model.surface, s - i * pitch, 0);
    column.set([point.place.x, point.place.y, point.place.z], 3 * i);
    normal.set([point.normal.x, point.normal.y, point.normal.z], 3 * i);
  }
  for (let j = 0; j < height; j++) {
    const { place } = surfacePoint(model.surface, 0, t - j * pitch);
    row.set([place.x - middle.x, place.y - middle.y, place.z - middle.z], 3 * j);
  }
  return { width, height, pitch, margin, s, t, column, row, normal };
}

function evened(count: number): number {
  return count + (count % 2);
}
