import type { ExposureMap } from "../density/exposureMap.ts";
import type { FilledSpot } from "../model/finish.ts";
import type { SheetInScan } from "../scan/sheetInScan.ts";

/** Rounds of smoothing by which a spot's middle hears of its rim. */
const ROUNDS = 300;
/** A spot is no wider than this in pixels of the scan: it is for dust. */
const WIDEST = 400;

/**
 * Fills spots of dust and scratches from around them, in place: each is drawn over as a membrane that hangs on its rim.
 *
 * @param spots round places of the sheet, mm
 * @source Laplace's equation with the rim as its border, by successive over-relaxation; Numerical Recipes, section 20.5, from memory
 * @example heal(map, sheet, [{ s: 10, t: 0, radius: 0.5 }]) // map.log is changed …
 */
export function inpaint(map: ExposureMap, sheet: SheetInScan, spots: readonly FilledSpot[]): void {
  for (const spot of spots) {
    const { x, y } = sheet.toScan(spot.s, spot.t);
    const radius = Math.min(WIDEST / 2, Math.max(1, spot.radius * sheet.pixelsPerMm));
    fill(map, x - map.left - 0.5, y - map.top - 0.5, radius);
  }
}

function fill({ width, height, log }: ExposureMap, x: number, y: number, radius: number): void {
  const inside: number[] = [];
  for (let row = Math.max(1, Math.ceil(y - radius)); row <= Math.min(height - 2, y + radius); row++) {
    for (let column = Math.max(1, Math.ceil(x - radius)); column <= Math.min(width - 2, x + radius); column++) {
      if (Math.hypot(column - x, row - y) <= radius) inside.push(row * width + column);
    }
  }
  // What lay there must not shine through: begun from the mean of the rim.
  const around = new Set(inside);
  const rim = inside.flatMap((at) => [at - 1, at + 1, at - width, at + width]).filter((at) => !around.has(at));
  const mean = rim.reduce((sum, at) => sum + (log[at] as number), 0) / Math.max(1, rim.length);
  for (const at of inside) log[at] = mean;
  const ease = 2 / (1 + Math.sin(Math.PI / (2 * radius + 2)));
  for (let round = 0; round < Math.min(ROUNDS, 8 * radius + 20); round++) {
    for (const at of inside) {
      const neighbours =
        (log[at - 1] as number) + (log[at + 1] as number) + (log[at - width] as number) + (log[at + width] as number);
      log[at] = (log[at] as number) + ease * (neighbours / 4 - (log[at] as number));
    }
  }
}
