import { illumination, rayTo } from "../../light/rays/index.ts";
import { directLight } from "../astronomy/airMass.ts";
import type { SheetSky } from "../plan/dayTrack.ts";
import { trackWidth } from "../plan/trackWidth.ts";

/** A sheet cut into square cells, row by row from its upper left corner as its picture is seen from behind. */
export interface SheetCells {
  readonly columns: number;
  readonly rows: number;
  /** Side of a cell, mm. */
  readonly side: number;
}

/** Where the sun stood at the moments of a day, radians. */
export interface DaySun {
  readonly azimuths: Float64Array;
  readonly altitudes: Float64Array;
}

/** What a clear day leaves in the cells of a sheet: which cells, and how much, over any unit. A cell may come more than once. */
export interface ClearTrack {
  readonly cells: Int32Array;
  readonly amounts: Float64Array;
}

/**
 * Cuts a sheet into cells.
 *
 * @param longest cells along its longer side
 * @example sheetCells({ width: 254, height: 203.2 }, 127).rows // 102
 */
export function sheetCells(
  { width, height }: { readonly width: number; readonly height: number },
  longest: number,
): SheetCells {
  const side = Math.max(width, height) / longest;
  return { columns: Math.ceil(width / side), rows: Math.ceil(height / side), side };
}

/**
 * The middle of a cell, mm from the middle of the sheet.
 *
 * @example cellMiddle({ columns: 2, rows: 2, side: 10 }, 0) // { s: -5, t: 5 }
 */
export function cellMiddle(
  { columns, rows, side }: SheetCells,
  cell: number,
): { readonly s: number; readonly t: number } {
  return {
    s: ((cell % columns) + 0.5 - columns / 2) * side,
    t: (rows / 2 - 0.5 - Math.floor(cell / columns)) * side,
  };
}

/**
 * What each clear day leaves in the cells of a sheet. A moment's light is shared out between the four cells about it.
 *
 * @source PHYSICS section 14, “Strength of a track”
 * @example clearTracks(sheetSky(request), suns, sheetCells(request.film, 127))[0].cells.length // 520 …
 */
export function clearTracks(
  sky: SheetSky,
  days: readonly DaySun[],
  { columns, rows, side }: SheetCells,
): readonly ClearTrack[] {
  const { place: hole, surface, aperture, distance } = sky.model;
  return days.map(({ azimuths, altitudes }) => {
    const cells: number[] = [];
    const amounts: number[] = [];
    const leave = (column: number, row: number, amount: number): void => {
      if (column < 0 || row < 0 || column >= columns || row >= rows || amount === 0) return;
      cells.push(row * columns + column);
      amounts.push(amount);
    };
    for (const [i, azimuth] of azimuths.entries()) {
      const altitude = altitudes[i] as number;
      if (altitude <= sky.horizonAt(azimuth)) continue;
      const place = sky.land({ azimuth, altitude });
      if (place === null || !sky.isLit(place)) continue;
      const lit = illumination(aperture, distance, rayTo(hole, surface, place.s, place.t));
      const amount = directLight(altitude) * lit * trackWidth(sky.model, place) ** 2;
      const [x, y] = [place.s / side + columns / 2 - 0.5, rows / 2 - 0.5 - place.t / side];
      const [column, row] = [Math.floor(x), Math.floor(y)];
      const [across, down] = [x - column, y - row];
      leave(column, row, amount * (1 - across) * (1 - down));
      leave(column + 1, row, amount * across * (1 - down));
      leave(column, row + 1, amount * (1 - across) * down);
      leave(column + 1, row + 1, amount * across * down);
    }
    return { cells: Int32Array.from(cells), amounts: Float64Array.from(amounts) };
  });
}
