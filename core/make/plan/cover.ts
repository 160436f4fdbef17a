import { type Camera, isBuilt, wallMaterial } from "../../camera/container/index.ts";
import type { HolePlan } from "./holePlan.ts";
import type { Ways } from "./ways.ts";

/** What opens and shuts the holes. */
export interface CoverPlan {
  /** `own`: it was bought with the camera. */
  readonly way: Ways["shutter"] | "own";
  readonly count: number;
  /** Whether a magnet finds no steel there: a washer is glued on first. */
  readonly needsSteel: boolean;
  /** Length of one flap or slide, mm: over both holes of a pair, which are opened together. */
  readonly long: number;
  /** Black electrical tape for all of them, mm. */
  readonly tape: number;
}

/** A flap of electrical tape, a strip that keeps a thumb's hole shut on the way, mm; common practice. */
export const FLAP = { wide: 19, long: 55, handle: 10, scrap: 15 } as const;

/** What covers the holes. */
export function coverPlan(camera: Camera, { shutter }: Ways, { count, apart }: HolePlan): CoverPlan {
  const way = isBuilt(camera) ? shutter : "own";
  const taped = way === "tape" || way === "thumb";
  const long = FLAP.long + (apart ?? 0);
  return {
    way,
    count,
    needsSteel: way === "magnet" && wallMaterial(camera) !== "steel",
    long,
    tape: taped ? (long * count) / (apart === null ? 1 : 2) : 0,
  };
}
