import type { Patch } from "./spot.ts";

/** A patch while it is still growing: its pixels, and the sums of their places and squares, px. */
export type Running = {
  bright: boolean;
  area: number;
  sx: number;
  sy: number;
  sxx: number;
  syy: number;
  sxy: number;
  left: number;
  right: number;
  top: number;
  bottom: number;
  atEdge: boolean;
  around: number;
};

/** A patch without a pixel yet. @param around index of the patch it lies in, −1 at the left edge */
export function newSpot(bright: boolean, around: number): Running {
  const far = Number.MAX_SAFE_INTEGER;
  return {
    bright,
    around,
    area: 0,
    sx: 0,
    sy: 0,
    sxx: 0,
    syy: 0,
    sxy: 0,
    left: far,
    right: -1,
    top: far,
    bottom: -1,
    atEdge: false,
  };
}

/** Adds the pixels left … right − 1 of row y to a patch, in a picture of this width and height. */
export function addRun(spot: Running, left: number, right: number, y: number, width: number, height: number): void {
  const n = right - left;
  const sum = (n * (left + right - 1)) / 2;
  const squares = (k: number): number => (k * (k + 1) * (2 * k + 1)) / 6;
  spot.area += n;
  spot.sx += sum;
  spot.sy += n * y;
  spot.sxx += squares(right - 1) - squares(left - 1);
  spot.syy += n * y * y;
  spot.sxy += sum * y;
  spot.left = Math.min(spot.left, left);
  spot.right = Math.max(spot.right, right - 1);
  spot.top = Math.min(spot.top, y);
  spot.bottom = Math.max(spot.bottom, y);
  if (left === 0 || right === width || y === 0 || y === height - 1) spot.atEdge = true;
}

/** Two patches that turn out to be one. */
export function merge(into: Running, from: Running): void {
  into.area += from.area;
  into.sx += from.sx;
  into.sy += from.sy;
  into.sxx += from.sxx;
  into.syy += from.syy;
  into.sxy += from.sxy;
  into.left = Math.min(into.left, from.left);
  into.right = Math.max(into.right, from.right);
  into.top = Math.min(into.top, from.top);
  into.bottom = Math.max(into.bottom, from.bottom);
  into.atEdge ||= from.atEdge;
}

/** A patch that is whole: its middle and second moments from its sums, px and px². */
export function finished(spot: Running, around: number): Patch {
  const { area, bright, left, right, top, bottom, atEdge } = spot;
  const x = spot.sx / area;
  const y = spot.sy / area;
  return {
    bright,
    area,
    x,
    y,
    xx: spot.sxx / area - x * x,
    yy: spot.syy / area - y * y,
    xy: spot.sxy / area - x * y,
    left,
    right,
    top,
    bottom,
    atEdge,
    around,
  };
}
