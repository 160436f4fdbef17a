import { DEGREES } from "../basis/units/index.ts";
import type { Pose } from "./pose.ts";

/** How a camera is to be moved from how it stands to how it should, degrees and mm. */
export interface AimMove {
  /** To the right; below 0: to the left. */
  readonly turn: number;
  /** Back, so that it looks higher; below 0: forward. */
  readonly lean: number;
  /** Clockwise, as somebody behind it sees it. */
  readonly roll: number;
  /** What goes under its front edge (lean back) or its back edge (lean forward), mm. */
  readonly card: number;
}

/**
 * By how much a camera is turned and leaned to look as it should.
 *
 * @param now, wanted how it looks over the ground, radians
 * @param depth of the camera from its front to its back edge, mm: it turns about the edge that stays down
 * @returns the turn by the shorter way round
 * @source geometry: a base of depth d that leans by θ is lifted by d·sin θ at its edge
 * @example aimMove({ azimuth: 0, elevation: 0, roll: 0 }, { azimuth: 0, elevation: Math.PI / 6, roll: 0 }, 100).card // 50
 */
export function aimMove(now: Pose, wanted: Pose, depth: number): AimMove {
  const lean = wanted.elevation - now.elevation;
  return {
    turn: DEGREES * shorter(wanted.azimuth - now.azimuth),
    lean: DEGREES * lean,
    roll: DEGREES * shorter(wanted.roll - now.roll),
    card: depth * Math.sin(Math.abs(lean)),
  };
}

/** The same turn by the shorter way round, radians. */
function shorter(angle: number): number {
  return Math.atan2(Math.sin(angle), Math.cos(angle));
}
