import {
  derivativeAt,
  type Homography,
  inverseOf,
  mappedBy,
  type PlanePoint,
  type Quad,
  rectangleTo,
} from "../../basis/plane/index.ts";
import type { SheetPlace } from "../../light/rays/index.ts";

/** A sheet and where it lies in a scan. */
export interface SheetPlacement {
  /** Size of the sheet, mm. */
  readonly width: number;
  readonly height: number;
  /** Which side the scanner saw. */
  readonly seen: "emulsion" | "back";
  /** px, pixel centres at whole numbers + 0.5; clockwise in the scan, the first being u = v = 0. */
  readonly corners: Quad;
}

/** The ways between pixels of a scan and millimetres of its sheet. */
export interface SheetInScan extends SheetPlacement {
  /** Sheet place of a point of the scan, mm from the sheet's middle. */
  readonly toSheet: (x: number, y: number) => SheetPlace;
  /** Point of the scan of a sheet place, px. */
  readonly toScan: (s: number, t: number) => PlanePoint;
  /** Pixels of the scan for one millimetre, at the sheet's middle. */
  readonly pixelsPerMm: number;
  /** ∂s/∂x, ∂s/∂y, ∂t/∂x, ∂t/∂y at a point of the scan, mm for a pixel. */
  readonly slopeAt: (x: number, y: number) => readonly [number, number, number, number];
}

/**
 * Lays a sheet into its scan.
 *
 * @returns the ways both ways, exact
 * @source PHYSICS section 11: seen from the emulsion s = w/2 − u, t = h/2 − v; through the back s = u − w/2, t = h/2 − v
 * @example sheetInScan({ width: 20, height: 10, seen: "emulsion", corners: [{ x: 0, y: 0 }, { x: 200, y: 0 }, { x: 200, y: 100 }, { x: 0, y: 100 }] }).toSheet(0, 0) // { s: 10, t: 5 }
 */
export function sheetInScan(placement: SheetPlacement): SheetInScan {
  const { width, height, seen, corners } = placement;
  const toScan: Homography = rectangleTo(corners, width, height);
  const back = inverseOf(toScan);
  const turn = seen === "emulsion" ? -1 : 1;
  const [a, b, c, d] = derivativeAt(toScan, width / 2, height / 2);
  return {
    ...placement,
    toSheet: (x, y) => {
      const { x: u, y: v } = mappedBy(back, x, y);
      return { s: turn * (u - width / 2), t: height / 2 - v };
    },
    toScan: (s, t) => mappedBy(toScan, width / 2 + turn * s, height / 2 - t),
    pixelsPerMm: Math.sqrt(Math.abs(a * d - b * c)),
    slopeAt: (x, y) => {
      const [ux, uy, vx, vy] = derivativeAt(back, x, y);
      return [turn * ux, turn * uy, -vx, -vy];
    },
  };
}

/** Sides that differ by less than this share are alike: a scan's pixels must not decide which is the longer. */
const ALIKE = 0.03;

/**
 * Whether a sheet is square, so that its outline does not tell which way it stood.
 *
 * @param size mm
 * @example isSquare({ width: 44.5, height: 44.5 }) // true
 */
export function isSquare({ width, height }: { readonly width: number; readonly height: number }): boolean {
  return Math.abs(width / height - 1) < ALIKE;
}

/** Left out at each edge, as a share of width and height: what lies there is tape, shadow or a torn rim. PHYSICS section 11. */
export const MARGIN: number = 0.03;

/** Pixels of a row that lie in a region: from one to before another; none where `to <= from`. */
export type Span = (y: number) => { readonly from: number; readonly to: number };

/**
 * The pixels of a scan whose middles lie on the sheet, less a margin.
 *
 * @param scan its size, px
 * @param margin share of width and height left out at each edge; 3 % unless given
 * @returns the span of every row
 * @example insideOf(placement, { width: 200, height: 100 })(50) // from 6 to 194
 */
export function insideOf(
  { width, height, corners }: SheetPlacement,
  scan: { readonly width: number; readonly height: number },
  margin: number = MARGIN,
): Span {
  const map = rectangleTo(corners, width, height);
  const [l, t, r, b] = [margin * width, margin * height, (1 - margin) * width, (1 - margin) * height];
  const quad = [mappedBy(map, l, t), mappedBy(map, r, t), mappedBy(map, r, b), mappedBy(map, l, b)];
  return (row) => {
    const y = row + 0.5;
    let [least, most] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
    for (let i = 0; i < 4; i++) {
      const [p, q] = [quad[i] as PlanePoint, quad[(i + 1) % 4] as PlanePoint];
      if (p.y === q.y || (p.y - y) * (q.y - y) > 0) continue;
      const x = p.x + ((q.x - p.x) * (y - p.y)) / (q.y - p.y);
      least = Math.min(least, x);
      most = Math.max(most, x);
    }
    return {
      from: Math.max(0, Math.ceil(least - 0.5)),
      to: most < least ? 0 : Math.min(scan.width, Math.floor(most - 0.5) + 1),
    };
  };
}
