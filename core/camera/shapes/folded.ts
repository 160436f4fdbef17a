import type { FoldedContainer } from "../container/model/containers.ts";
import type { DesignFault } from "../fields/designFault.ts";
import { notNegative, positive } from "../fields/limits.ts";
import { arcBetweenWalls } from "./bowedRoom.ts";
import type { Shape, ShapeFacts } from "./shape.ts";

const HAIR = 1e-6;

/** Two open boxes folded from square card, one slid into the other. */
export const foldedShape: Shape<"folded"> = {
  plan: () => "rectangle",
  from: (sizes, common) => ({
    shape: "folded",
    sheet: sizes["folded.sheet"] ?? 330,
    paper: sizes["folded.paper"] ?? 0.25,
    clearance: sizes["folded.clearance"] ?? 0.5,
    overlap: sizes["folded.overlap"] ?? 10,
    ...common,
  }),
  facts,
};

function facts(container: FoldedContainer): ShapeFacts {
  const { nearest, farthest } = foldedSizes(container);
  const base = foldedBase(container.sheet);
  return {
    body: (_, distance) => ({ depth: distance, across: base, high: base, plan: "rectangle", face: "rectangle" }),
    slides: true,
    reach: [nearest, farthest],
    usualDistance: Math.round((nearest + farthest) / 2),
    far: () => "film.distance",
    dimensions: () => ({}),
    longestArc: (stand) => arcBetweenWalls(base, stand.distance, stand),
    faults: (distance) => faults(container, distance),
    round: null,
    tiers: 1,
    chambers: () => ["1"],
    vanes: null,
    folded: container,
    usuallyMetal: false,
    // Along the seam where one box slides in the other.
    sealTape: () => 4 * base,
    // Folded from black card.
    paintedInside: 0,
    turned: () => container,
  };
}

/**
 * Side of the base of an open box folded from a square of side S: S√2/4. PHYSICS section 7.
 *
 * @returns mm
 * @example foldedBase(330) // 116.67…
 */
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
 * @returns mm
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

function faults(container: FoldedContainer, distance: number): readonly DesignFault[] {
  const own = [
    ...positive("folded.sheet", container.sheet, 2000),
    ...notNegative("folded.paper", container.paper, 5),
    ...notNegative("folded.clearance", container.clearance, 10),
    ...notNegative("folded.overlap", container.overlap, 200),
  ];
  if (own.length > 0) return own;
  const { nearest, farthest, innerSheet } = foldedSizes(container);
  if (innerSheet <= 0 || farthest <= nearest) {
    return [
      {
        field: "folded.overlap",
        limit: { code: "nothing-slides" },
      },
    ];
  }
  return distance < nearest - HAIR || distance > farthest + HAIR
    ? [
        {
          field: "film.distance",
          limit: { code: "boxes-slide", least: nearest, most: farthest },
        },
      ]
    : [];
}
