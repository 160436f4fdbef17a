import { type SheetPlace, stopsLost } from "../rays/index.ts";
import { sightFrom } from "./lightFrom.ts";
import type { OpticalModel } from "./model.ts";

/** Where more is lost, or all, the grid holds this, stops: lines of equal loss below it stay smooth. */
const MOST_STOPS = 5;

/** How a sheet sees its holes, on a grid over all of it; row 0 is its lower edge, column 0 its s < 0 side. */
export interface SightGrid {
  readonly columns: number;
  readonly rows: number;
  /** Stops lost against the axis, 0 to 5. */
  readonly stops: Float64Array;
  /** How far the best-seen hole is from being shut out; 0: its last is hidden. */
  readonly margin: Float64Array;
  /** The sheet place of a grid point; between them, too. */
  readonly placeOf: (column: number, row: number) => SheetPlace;
}

/**
 * Stops lost and the margin left until every hole is hidden, over the sheet: what lines of equal loss are drawn from.
 *
 * @param models one for each hole, of one sheet
 * @param divider how far a wall in the sheet's middle stands forward of it, mm; 0: none
 * @param columns, rows at least 2 each
 * @source PHYSICS sections 2 and 5
 * @example sightGrid([opticalModel({ hole: { diameter: 0.3 }, film: { distance: 60, width: 120, height: 90 } })], 0, 3, 3).stops[4] // 0
 */
export function sightGrid(
  models: readonly [OpticalModel, ...OpticalModel[]],
  divider: number,
  columns: number,
  rows: number,
): SightGrid {
  const [{ width, height }] = models;
  const placeOf = (column: number, row: number): SheetPlace => ({
    s: width * (column / (columns - 1) - 0.5),
    t: height * (row / (rows - 1) - 0.5),
  });
  const stops = new Float64Array(columns * rows);
  const margin = new Float64Array(columns * rows);
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const { s, t } = placeOf(column, row);
      const index = row * columns + column;
      const sight = sightFrom(models, divider, s, t);
      stops[index] = Math.min(MOST_STOPS, stopsLost(sight.light) ?? MOST_STOPS);
      margin[index] = sight.margin;
    }
  }
  return { columns, rows, stops, margin, placeOf };
}
