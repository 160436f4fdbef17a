import { isTrail } from "../facts/purpose.ts";
import type { Camera, Purpose } from "../model/camera.ts";
import { holeAt } from "../model/holesOf.ts";
import { TRAIL_HOLES } from "../model/usualSizes.ts";
import { DEFAULT_RULE, withAim, withField } from "./edits.ts";

/**
 * A design made for pictures or for the sun's trails. The rules for a hole are for fine detail, which does not show in
 * tracks: a hole by rule becomes one that is usual for trails, and goes by a rule again with the camera's return to
 * pictures. Any other that was chosen stays.
 *
 * @returns the design; not yet settled
 * @example withPurpose(box, "trail").chambers[0].holes[0].diameter // 0.5
 */
export function withPurpose(camera: Camera, purpose: Purpose): Camera {
  const next = { ...camera, purpose };
  const { aim, holes } = camera.chambers[0];
  const byRule = (aim?.rule ?? "own") !== "own" || holeAt(camera).diameter === "best";
  if (isTrail(next) && byRule) {
    return holes.reduce<Camera>((now, _, hole) => withField(now, "hole.diameter", TRAIL_HOLES.usual, hole), next);
  }
  const wasUsual = isTrail(camera) && holes.every(({ diameter }) => diameter === TRAIL_HOLES.usual);
  return !isTrail(next) && wasUsual ? withAim(next, { rule: DEFAULT_RULE }) : next;
}
