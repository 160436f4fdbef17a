import { DEGREES } from "../../basis/units/index.ts";
import type { SheetPlace } from "../../light/rays/index.ts";
import { horizonOf } from "../site/horizon.ts";
import type { HorizonPoint } from "../site/siteAndAim.ts";
import type { SheetSky } from "./dayTrack.ts";
import { wrapsAround } from "./wrapsAround.ts";

/**
 * Where the horizon lies on the sheet: pieces of a line, parted where it does not meet the surface.
 *
 * @param step degrees of azimuth between places
 * @returns places of each piece, mm, from north clockwise
 * @example horizonLine([], sheetSky(sunPlan), 30)[0].length // 5
 */
export function horizonLine(
  horizon: readonly HorizonPoint[],
  sky: SheetSky,
  step: number,
): readonly (readonly SheetPlace[])[] {
  const altitudeAt = horizonOf(horizon);
  const pieces: SheetPlace[][] = [];
  let piece: SheetPlace[] = [];
  const azimuths = [
    ...Array.from({ length: Math.round(360 / step) + 1 }, (_, i) => i * step),
    ...horizon.map(([at]) => at),
  ];
  for (const azimuth of azimuths.sort((a, b) => a - b)) {
    const place = sky.land({ azimuth: azimuth / DEGREES, altitude: altitudeAt(azimuth) / DEGREES });
    const last = piece.at(-1);
    // Round the back of a can it comes in again at the other end.
    const jumps = place !== null && last !== undefined && wrapsAround(sky.model.width, last.s, place.s);
    if ((place === null || jumps) && piece.length > 0) {
      pieces.push(piece);
      piece = [];
    }
    if (place !== null) piece.push(place);
  }
  return piece.length > 0 ? [...pieces, piece] : pieces;
}
