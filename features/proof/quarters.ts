import type { Corners } from "./corners.ts";

/** The same corners, named from the next one on: the sheet is taken to lie a quarter turn further, clockwise. */
export function turned(corners: Corners): Corners {
  const [a, b, c, d] = corners;
  return [b, c, d, a];
}

/** Sides that differ by less than this share are alike: a scan's pixels must not decide which is the longer. */
const ALIKE = 0.03;

/** By how many quarter turns a sheet was named otherwise than it was found: nearest the scan's top left first. */
function quartersOf(corners: Corners): number {
  const far = corners.map(([x, y]) => Math.hypot(x, y));
  return (4 - far.indexOf(Math.min(...far))) % 4;
}

/**
 * Corners as found, named so that the longer side of the sheet is the longer side in the scan. A square sheet lies as the
 * one before it of the same camera was said to lie, else as it was found: never by a fraction of a pixel.
 *
 * @param size of the sheet, mm
 * @param before corners of the sheet before it, as its maker left them; `null`: none
 */
export function named(
  corners: Corners,
  size: { readonly width: number; readonly height: number },
  before: Corners | null = null,
): Corners {
  if (Math.abs(size.width / size.height - 1) < ALIKE) {
    const quarters = before === null ? 0 : quartersOf(before);
    return Array.from({ length: quarters }).reduce<Corners>((now) => turned(now), corners);
  }
  const [a, b, c, d] = corners;
  const across = far(a, b) + far(c, d);
  const down = far(b, c) + far(d, a);
  const lies = across >= down === size.width >= size.height;
  return lies ? corners : turned(corners);
}

function far([ax, ay]: Corners[0], [bx, by]: Corners[0]): number {
  return Math.hypot(ax - bx, ay - by);
}
