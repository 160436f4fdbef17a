import type { Corners } from "./corners.ts";

/** The same corners, named from the next one on: the sheet is taken to lie a quarter turn further, clockwise. */
export function turned(corners: Corners): Corners {
  const [a, b, c, d] = corners;
  return [b, c, d, a];
}

/**
 * Corners as found, named so that the longer side of the sheet is the longer side in the scan.
 *
 * @param size of the sheet, mm
 */
export function named(corners: Corners, size: { readonly width: number; readonly height: number }): Corners {
  const [a, b, c, d] = corners;
  const across = far(a, b) + far(c, d);
  const down = far(b, c) + far(d, a);
  const lies = across >= down === size.width >= size.height;
  return lies ? corners : turned(corners);
}

function far([ax, ay]: Corners[0], [bx, by]: Corners[0]): number {
  return Math.hypot(ax - bx, ay - by);
}
