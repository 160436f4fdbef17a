import type { FoldedContainer } from "./camera.ts";

/** Side of the base of an open box folded from a square of side S: S√2/4. PHYSICS section 7. */
export function foldedBase(sheet: number): number {
  return (sheet * Math.SQRT2) / 4;
}

/** Height of the walls of that box: S√2/8. */
function foldedWall(sheet: number): number {
  return (sheet * Math.SQRT2) / 8;
}

/** Layers of card in a folded wall: the corner is folded in and over, common practice. */
const FOLDED_LAYERS = 2;

/** What two boxes folded to slide into each other measure; mm. */
export interface FoldedSizes {
  /** Inner side of the outer box's base, and its walls. */
  readonly base: number;
  readonly wall: number;
  /** Strip to cut off two sides of the second square, its side, the inner box's base and walls. */
  readonly strip: number;
  readonly innerSheet: number;
  readonly innerBase: number;
  readonly innerWall: number;
  /** Distances between which the two can be slid: the deeper wall, and both less the overlap that keeps light out. */
  readonly nearest: number;
  readonly farthest: number;
}

/**
 * The two boxes of a folded camera: the inner one is folded from a square s smaller, s ≥ 2√2·(2·layers·paper + clearance).
 *
 * @param container side of the card, thickness, clearance, overlap, mm
 * @source PHYSICS section 7; the folding itself is elementary geometry
 * @example foldedSizes({ …sheet: 330, paper: 0.25, clearance: 0.5, overlap: 10 }).base // 116.67
 */
export function foldedSizes(container: FoldedContainer): FoldedSizes {
  const { sheet, paper, clearance, overlap } = container;
  const strip = 2 * Math.SQRT2 * (2 * FOLDED_LAYERS * paper + clearance);
  const innerSheet = sheet - strip;
  const wall = foldedWall(sheet);
  const innerWall = foldedWall(innerSheet);
  return {
    base: foldedBase(sheet),
    wall,
    strip,
    innerSheet,
    innerBase: foldedBase(innerSheet),
    innerWall,
    nearest: Math.max(wall, innerWall),
    farthest: wall + innerWall - overlap,
  };
}
