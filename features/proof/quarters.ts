import { isSquare, type SideOfSheet } from "../../core/negative/index.ts";
import type { Corners } from "./corners.ts";

/** The same corners, named from the next one on: the sheet is taken to lie a quarter turn further, clockwise. */
export function turned(corners: Corners): Corners {
  const [a, b, c, d] = corners;
  return [b, c, d, a];
}

/** By how many quarter turns a sheet was named otherwise than it was found: nearest the scan's top left first. */
function quartersOf(corners: Corners): number {
  const far = corners.map(([x, y]) => Math.hypot(x, y));
  return (4 - far.indexOf(Math.min(...far))) % 4;
}

/** What tells which way a square sheet stood. */
export interface SquareSigns {
  /** Corners of the sheet before it, as its maker left them; `null`: none. */
  readonly before?: Corners | null;
  /** The side, as the corners are named, that the sky fell on; `null`: none stands out. */
  readonly sky?: SideOfSheet | null;
}

/** The side that the sky falls on in a sheet that is named as it stood: a picture stands upside down on it. */
const LOWER = 2;

/**
 * Corners as found, named so that the longer side of the sheet is the longer side in the scan. A square sheet lies with
 * its sky at the lower edge, else as the one before it of the same camera was said to lie, else as it was found: never by
 * a fraction of a pixel.
 *
 * @param size of the sheet, mm
 */
export function named(
  corners: Corners,
  size: { readonly width: number; readonly height: number },
  { before = null, sky = null }: SquareSigns = {},
): Corners {
  if (isSquare(size)) {
    const quarters = sky !== null ? (sky + 4 - LOWER) % 4 : before === null ? 0 : quartersOf(before);
    return Array.from({ length: quarters }).reduce<Corners>((now) => turned(now), corners);
  }
  const [a, b, c, d] = corners;
  const across = far(a, b) + far(c, d);
  const down = far(b, c) + far(d, a);
  const lies = across >= down === size.width >= size.height;
  return lies ? corners : turned(corners);
}

/** Whether corners are those that were found, whichever is named first: nobody has moved one. */
export function asFound(corners: Corners, found: Corners): boolean {
  return corners.every((corner) => found.some((each) => far(corner, each) < 0.5));
}

function far([ax, ay]: Corners[0], [bx, by]: Corners[0]): number {
  return Math.hypot(ax - bx, ay - by);
}
