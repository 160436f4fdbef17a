import { bilinear, median } from "../../basis/numeric/index.ts";
import type { Line, PlanePoint } from "../../basis/plane/index.ts";
import { type Encoding, lightTable, type NegativeScan, readRow } from "../model/negativeScan.ts";

/** Lines across a side, and the share of it at each end that is left out: corners are bent and torn. */
const ACROSS = 240;
const ENDS = 0.06;
/** How far in, px of the scan, the sheet's own tone is looked at. */
const INSIDE = 3;
/** Rounds of leaving out what lies off the line, and how far off is too far, in deviations. */
const ROUNDS = 8;
const TOO_FAR = 2.5;
/** A place lies on a line that is no further off than this: px, and share of the side's length (sheets curl a little). */
const ON_LINE = { pixels: 1.5, share: 0.003 } as const;

/** A side of a sheet, and how straight it is there. */
export interface FittedSide {
  readonly line: Line;
  /** Share of the places looked at where an edge lies on the line, 0 to 1: an edge of paper has most, a shadow's rim few. */
  readonly straight: number;
}

/**
 * The side of a sheet as a line: where, on lines across it, the light is half way from the lid to the sheet's tone just
 * inside; a straight line through most of those places.
 *
 * @param from, to the rough side, clockwise: the sheet lies to the right of it
 * @param lid light of the lid, linear, and by how much (roots of light) a pixel differs from it that is none
 * @param step pixels by which the rough side may be wrong
 * @returns the line, in px with pixel centres at + 0.5, and how straight the side is
 * @example fittedSide(scan, "file", { x: 10, y: 10 }, { x: 90, y: 10 }, { light: 0.95, pixel: 0.02 }, 2).line.c // 10.4 …
 */
export function fittedSide(
  scan: NegativeScan,
  encoding: Encoding,
  from: PlanePoint,
  to: PlanePoint,
  lid: { readonly light: number; readonly pixel: number },
  step: number,
): FittedSide {
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
  // y runs down: what lies to the right of the way is inside.
  const inward = { x: -along.y, y: along.x };
  const light = lightAtPoint(scan, encoding);
  const reach = 3 * step + 4;
  const edges: PlanePoint[] = [];
  for (let i = 0; i < ACROSS; i++) {
    const share = ENDS + ((1 - 2 * ENDS) * (i + 0.5)) / ACROSS;
    const foot = { x: from.x + share * length * along.x, y: from.y + share * length * along.y };
    const far = edgeAlong((d) => light(foot.x + d * inward.x, foot.y + d * inward.y), reach, lid);
    if (far !== null) edges.push({ x: foot.x + far * inward.x, y: foot.y + far * inward.y });
  }
  const rough: Line = { nx: inward.x, ny: inward.y, c: from.x * inward.x + from.y * inward.y };
  const line = edges.length < ACROSS / 8 ? rough : throughMost(edges, rough);
  const near = ON_LINE.pixels + ON_LINE.share * length;
  const on = edges.filter(({ x, y }) => Math.abs(x * line.nx + y * line.ny - line.c) <= near);
  return { line, straight: on.length / ACROSS };
}

/** From outside to inside: how far in the light is half way to what lies a little further in, or `null`. */
function edgeAlong(
  light: (far: number) => number,
  reach: number,
  { light: lid, pixel }: { readonly light: number; readonly pixel: number },
): number | null {
  const root = Math.sqrt(lid);
  const count = Math.ceil(4 * reach);
  const at = (i: number): number => -reach + i / 2;
  for (let i = 0; i <= count; i++) {
    const first = light(at(i));
    if (!(Math.abs(Math.sqrt(Math.max(0, first)) - root) > pixel)) continue;
    // Something begins here: its full tone lies a few pixels further in.
    const tone = (light(at(i) + INSIDE) + light(at(i) + INSIDE + 1)) / 2;
    if (!(Math.abs(Math.sqrt(Math.max(0, tone)) - root) > pixel)) continue;
    const half = (lid + tone) / 2;
    for (let k = 2 * (i - 4); k < 2 * (i + 2 * INSIDE + 2); k++) {
      const [a, b] = [-reach + k / 4, -reach + (k + 1) / 4];
      const [la, lb] = [light(a), light(b)];
      if ((la - half) * (lid - half) >= 0 && (lb - half) * (lid - half) < 0)
        return a + (0.25 * (half - la)) / (lb - la);
    }
    return null;
  }
  return null;
}

/** Straight line by least squares of distances, leaving out what lies too far off. */
function throughMost(points: readonly PlanePoint[], rough: Line): Line {
  let kept = points;
  // Most places lie on the edge: their median distance is a first line without those that don't.
  const first = median(points.map(({ x, y }) => x * rough.nx + y * rough.ny));
  let line: Line = { ...rough, c: first };
  for (let round = 0; round < ROUNDS; round++) {
    line = fitted(kept, rough);
    const { nx, ny, c } = line;
    const off = points.map(({ x, y }) => Math.abs(x * nx + y * ny - c));
    const limit = Math.max(0.5, TOO_FAR * 1.4826 * median(off));
    const next = points.filter((_, i) => (off[i] as number) <= limit);
    if (next.length < 8) break;
    kept = next;
  }
  return line;
}

function fitted(points: readonly PlanePoint[], { nx, ny }: Line): Line {
  const n = points.length;
  const mx = points.reduce((sum, { x }) => sum + x, 0) / n;
  const my = points.reduce((sum, { y }) => sum + y, 0) / n;
  let [xx, xy, yy] = [0, 0, 0];
  for (const { x, y } of points) {
    xx += (x - mx) ** 2;
    xy += (x - mx) * (y - my);
    yy += (y - my) ** 2;
  }
  const angle = 0.5 * Math.atan2(2 * xy, xx - yy);
  const normal = { x: -Math.sin(angle), y: Math.cos(angle) };
  const turn = normal.x * nx + normal.y * ny < 0 ? -1 : 1;
  return { nx: turn * normal.x, ny: turn * normal.y, c: turn * (mx * normal.x + my * normal.y) };
}

/** Light between pixels, by straight lines; the picture's rim goes on outside. */
function lightAtPoint(scan: NegativeScan, encoding: Encoding): (x: number, y: number) => number {
  const read = readRow(scan, lightTable(scan, encoding), "luminance");
  const [upper, lower] = [new Float64Array(2), new Float64Array(2)];
  const clamp = (value: number, most: number): number => Math.max(0, Math.min(most, value));
  return (x, y) => {
    const [px, py] = [clamp(x - 0.5, scan.width - 1), clamp(y - 0.5, scan.height - 1)];
    const [left, top] = [
      Math.min(Math.floor(px), Math.max(0, scan.width - 2)),
      Math.min(Math.floor(py), Math.max(0, scan.height - 2)),
    ];
    const right = Math.min(scan.width, left + 2);
    read(top, left, right, upper);
    read(Math.min(scan.height - 1, top + 1), left, right, lower);
    const [a, b] = [upper[0] as number, upper[right - left - 1] as number];
    return bilinear(a, b, lower[0] as number, lower[right - left - 1] as number, px - left, py - top);
  };
}
