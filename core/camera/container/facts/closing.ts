import { kindRecord } from "../../kinds/registry.ts";
import { mountOf } from "../../mounts/mountOf.ts";
import { rimDiameter, shapeOf } from "../../shapes/index.ts";
import type { Camera } from "../model/camera.ts";
import { cameraKind } from "../model/cameraKind.ts";
import { cameraBody } from "./body.ts";
import { isBuilt } from "./built.ts";

/** What shuts the top of a container whose hole is in its wall; lengths in mm. */
export interface Closing {
  readonly by: "own lid" | "made cap";
  /** How far it reaches down the outside. */
  readonly reach: number;
  /** Outer diameter of the rim that it goes over. */
  readonly rim: number;
  /** From the rim down to the hole. */
  readonly toHole: number;
  /** What must stay free above the hole: half of its cover, and a finger's room to peel it. */
  readonly free: number;
}

/** A made cap's collar, mm: the longest that is of use, the shortest that keeps light out; common practice. */
const COLLAR = { most: 75, least: 25, share: 0.6 } as const;
/** Half of a strip of tape 19 mm wide, and 5 mm, mm; common practice. */
const FREE = 14.5;

/**
 * What shuts a container whose sheet and hole are on its wall: its own lid, or a cap that is made. A made cap reaches as far
 * down as the hole lets it, never over it.
 *
 * @returns `null` where no lid comes near the hole
 * @source common practice; the usual reach of an own lid is that of its kind's picture
 * @example closingOf(box) // null
 */
export function closingOf(camera: Camera): Closing | null {
  const kind = cameraKind(camera);
  const { round: inside, tiers } = shapeOf(camera.container);
  if (inside === null || tiers > 1 || !mountOf(kind).onWall || !isBuilt(camera)) return null;
  const record = kindRecord(kind);
  const { choices = {}, lidReach, rim = null } = camera.making ?? {};
  const { high } = cameraBody(camera);
  const toHole = high / 2 - Math.max(...camera.chambers[0].holes.map(({ y = 0 }) => y));
  const common = { toHole, free: FREE, rim: rimDiameter({ ...inside, wall: camera.container.wall }, rim) };
  const canBeMade = record.parts.includes("cap");
  const isMade = canBeMade && (choices.closing ?? (record.closedBy === "cap" ? "cap" : "lid")) === "cap";
  if (!isMade) return { by: "own lid", reach: lidReach ?? record.silhouette.lid * high, ...common };
  const wanted = Math.min(COLLAR.most, COLLAR.share * high);
  // Shorter than that it lets light in: better to say that the hole is too high than to draw such a cap.
  const reach = Math.max(COLLAR.least, Math.min(wanted, toHole - FREE));
  return { by: "made cap", reach, ...common };
}

/**
 * How much too high the hole is for what shuts the container, mm; 0 where it is low enough.
 *
 * @example holeTooHigh({ by: "own lid", reach: 30, rim: 67, toHole: 40, free: 14.5 }) // 4.5
 */
export function holeTooHigh({ reach, free, toHole }: Closing): number {
  return Math.max(0, reach + free - toHole);
}

/**
 * Whether what shuts the container leaves its hole free; a guess at an unmeasured lid refuses nothing.
 *
 * @example lidLeavesHole(box) // true
 */
export function lidLeavesHole(camera: Camera): boolean {
  const closing = closingOf(camera);
  if (closing === null || (closing.by === "own lid" && camera.making?.lidReach == null)) return true;
  return holeTooHigh(closing) < 0.05;
}
