import {
  type Body,
  type Camera,
  type Closing,
  cameraBody,
  cameraKind,
  isBuilt,
  isTrail,
} from "../../camera/container/index.ts";
import { kindRecord } from "../../camera/kinds/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import type { HolePlan } from "./holePlan.ts";

/** Where tape keeps light out: so many strips, so long in all; mm. */
export interface Seal {
  readonly of: "plate" | "lid" | "cap" | "wrap" | "own openings";
  readonly strips: number;
  readonly length: number;
}

/** A cap's tape: three strips in a star over its disc, one round; how far each goes on, the air a collar slides by, its card, mm; common practice. */
export const CAP = { card: 0.3, fringe: 12, fringeWide: 8, overlap: 15, slide: 0.5, tape: 19, over: 20 } as const;

/** A roll of black cloth tape, and how many layers go round a wall that glows, mm; common practice. */
const WRAP = { wide: 48, layers: 2 } as const;

/** Tape over a straw's hole, mm; common practice. */
const STRAW_PATCH = 40;

/** Every seal of a camera. */
export function sealsOf(camera: Camera, hole: HolePlan, closing: Closing | null): readonly Seal[] {
  const built = isBuilt(camera);
  const sides = 4 * hole.count;
  // Inside and out on all four sides.
  const plate: readonly Seal[] =
    hole.strip === null ? [] : [{ of: "plate", strips: 2 * sides, length: 2 * sides * hole.strip }];
  const cap = closing?.by === "made cap" ? capStrips(closing) : [];
  const lid: readonly Seal[] =
    built || isTrail(camera)
      ? [{ of: "lid", strips: 2, length: shapeOf(camera.container).sealTape(camera.making?.rim ?? null) }]
      : [];
  return [
    ...plate,
    ...lid,
    ...(built && kindRecord(cameraKind(camera)).comesOpen ? [ownOpenings(cameraBody(camera))] : []),
    ...(built && camera.container.translucent ? [wrapped(shapeOf(camera.container).paintedInside)] : []),
    ...(cap.length > 0
      ? [{ of: "cap", strips: cap.length, length: cap.reduce((sum, one) => sum + one, 0) } as const]
      : []),
  ];
}

/** A straw's hole, a patch inside and out; and the seam from top to bottom, twice; mm, common practice. */
function ownOpenings({ high }: Body): Seal {
  return { of: "own openings", strips: 4, length: 2 * STRAW_PATCH + 2 * (high + CAP.tape) };
}

/** The whole container in two layers: walls and lid are as large outside as inside, or a little more. */
function wrapped(surface: number): Seal {
  return { of: "wrap", strips: WRAP.layers, length: (WRAP.layers * surface) / WRAP.wide };
}

/** Once round a collar in the middle of its card's thickness, mm. */
export function roundCollar({ rim }: Closing): number {
  return Math.PI * (rim + CAP.slide + CAP.card);
}

/** Lengths of a cap's strips of tape: three over its disc and one round, mm. */
export function capStrips(closing: Closing): readonly number[] {
  const long = closing.rim + 2 * CAP.over;
  return [long, long, long, roundCollar(closing) + CAP.overlap];
}
