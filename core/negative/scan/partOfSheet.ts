import type { PlanePoint, Quad } from "../../basis/plane/index.ts";
import type { FoundSheet } from "./findSheet.ts";

/** Where a sheet may go on beyond a side that was taken for its edge. */
export interface SheetBeyond {
  /** Beyond which side of what was found: 0 from its first corner to its second, and so on. */
  readonly side: 0 | 1 | 2 | 3;
  /** How much of what was found lies beyond it: 1 is as much again. */
  readonly more: number;
  /** Corners of the whole sheet, px, in the order of the found ones. */
  readonly corners: Quad;
}

/** Why what was found may be a part of its sheet alone, and the whole sheets it may be a part of, the likeliest first. */
export interface PartOfSheet {
  /** `proportions`: its sides are not as the paper’s; `ragged`: one of them is no straight edge. */
  readonly why: "proportions" | "ragged";
  /** Longer side over shorter, of what was found and of the paper. */
  readonly found: number;
  readonly paper: number;
  readonly wholes: readonly SheetBeyond[];
}

/** Proportions that differ by a larger factor are not those of one sheet: a phone held slanting is less wrong. */
const OTHER_PROPORTIONS = 1.15;
/** A side that lies on its line less than this is no edge of paper, where another one lies on its own by twice as much. */
const RAGGED = 0.35;
/** What lies beyond is at least this share of what was found, and at most that. */
const LEAST_MORE = 0.15;
const GREATEST_MORE = 3;
/** So far outside the picture, as a share of the side that grew, a corner may lie. */
const OUTSIDE = 0.08;
/** More ways are no help. */
const WAYS = 4;

/**
 * Tells whether only a part of a sheet stands out from what it lies on (the dark half of a negative on a dark table does
 * not), and where the rest may be.
 *
 * @param found the sheet as it was found
 * @param paper its true size, mm, either way round
 * @param scan the picture's size, px, where it is known: a sheet does not reach far out of it
 * @returns `null` where nothing speaks against all of it having been found
 * @example partOfSheet({ corners: [{ x: 0, y: 0 }, { x: 50, y: 0 }, { x: 50, y: 80 }, { x: 0, y: 80 }], straight: [1, 0, 1, 1] }, { width: 100, height: 80 })?.wholes[0].more // 1
 */
export function partOfSheet(
  { corners, straight }: FoundSheet,
  paper: { readonly width: number; readonly height: number },
  scan: { readonly width: number; readonly height: number } | null = null,
): PartOfSheet | null {
  const across = (lengthOf(corners, 0) + lengthOf(corners, 2)) / 2;
  const down = (lengthOf(corners, 1) + lengthOf(corners, 3)) / 2;
  const wanted = Math.max(paper.width, paper.height) / Math.min(paper.width, paper.height);
  const found = Math.max(across, down) / Math.min(across, down);
  const other = Math.max(found / wanted, wanted / found) > OTHER_PROPORTIONS;
  const clear = Math.max(...straight);
  const ragged = straight.map((share) => share < RAGGED && 2 * share <= clear);
  if (!other && !ragged.some(Boolean)) return null;
  const wholes = ([0, 1, 2, 3] as const).flatMap((side) => {
    // Beyond the first and the third side a sheet grows downwards or upwards.
    const [grows, mean] = side % 2 === 0 ? [down, across] : [across, down];
    const stays = ragged[side] ? lengthOf(corners, (side + 2) % 4) : mean;
    return [...new Set([stays * wanted, stays / wanted])]
      .map((whole) => ({
        side,
        more: whole / grows - 1,
        corners: grown(corners, side, whole / grows, ragged[side] ? whole : null),
      }))
      .filter(({ more }) => more >= LEAST_MORE && more <= GREATEST_MORE)
      .filter((whole) => scan === null || liesIn(whole.corners, scan, OUTSIDE * whole.more * grows));
  });
  if (wholes.length === 0) return null;
  const rank = ({ side, more }: SheetBeyond): number => (straight[side] as number) + 0.1 * Math.abs(Math.log2(more));
  const sorted = [...wholes].sort((a, b) => rank(a) - rank(b)).slice(0, WAYS);
  return { why: other ? "proportions" : "ragged", found, paper: wanted, wholes: sorted };
}

function lengthOf(corners: Quad, side: number): number {
  const [from, to] = [corners[side] as PlanePoint, corners[(side + 1) % 4] as PlanePoint];
  return Math.hypot(to.x - from.x, to.y - from.y);
}

/** The same figure with one side moved outwards, along the sides beside it: each by a factor, or to one length (px). */
function grown(corners: Quad, side: number, factor: number, length: number | null): Quad {
  const next = (side + 1) % 4;
  return corners.map((corner, i) => {
    if (i !== side && i !== next) return corner;
    const foot = corners[i === side ? (side + 3) % 4 : (next + 1) % 4] as PlanePoint;
    const [dx, dy] = [corner.x - foot.x, corner.y - foot.y];
    // Where the side is ragged its corners are anywhere.
    const by = length === null ? factor : length / Math.hypot(dx, dy);
    return { x: foot.x + by * dx, y: foot.y + by * dy };
  }) as unknown as Quad;
}

function liesIn(
  corners: Quad,
  { width, height }: { readonly width: number; readonly height: number },
  outside: number,
): boolean {
  return corners.every(({ x, y }) => x >= -outside && x <= width + outside && y >= -outside && y <= height + outside);
}
