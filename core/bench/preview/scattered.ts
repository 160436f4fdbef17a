import type { OpticalModel } from "../../light/solve/index.ts";
import { gridOf, sheetPixels } from "./grid.ts";
import { exposurePerLight, type PreviewOrder } from "./render.ts";
import { type Shine, shineRows } from "./shine.ts";

/** Pixels on the longer side that a sheet's mean is taken from. */
const FEW = 48;

/**
 * The even exposure that a sheet gets back from the walls around it. Blur moves light about and changes no mean: it is
 * left out.
 *
 * @param share of its own mean, see `scatteredShare`
 * @returns lx·s, the same for whatever part of the sheet is drawn, and how finely
 * @example scatteredExposure({ …order, pixels: 1600 }, 0.1) === scatteredExposure({ …order, pixels: 320 }, 0.1) // true
 */
export function scatteredExposure(order: PreviewOrder, share: number): number {
  const [first] = order.models as readonly [OpticalModel, ...OpticalModel[]];
  const pitch = Math.max(first.width, first.height) / FEW;
  const { width, height } = sheetPixels(first, pitch);
  const grid = gridOf(first, pitch, 0, { from: 0, to: height });
  const size = grid.width * grid.height;
  const shine: Shine = { light: new Float64Array(size), share: new Float32Array(size), near: new Uint8Array(size) };
  let sum = 0;
  for (const model of order.models) {
    shineRows(model, grid, order, shine, 0, height);
    // A grid may have a column more than the sheet.
    for (let row = 0; row < height; row++)
      for (let i = row * grid.width; i < row * grid.width + width; i++)
        sum += (shine.light[i] as number) * (shine.share[i] as number);
  }
  return (share * exposurePerLight(first, order) * sum) / (width * height);
}
