import { HOLE_GAP } from "../container/model/usualSizes.ts";
import type { Stand } from "../mounts/room.ts";

/**
 * The longest arc of a bowed sheet in a rectangular inside whose middle is at `distance`, mm: its ends meet the side
 * walls, the front or each other.
 */
export function arcBetweenWalls(across: number, depth: number, stand: Stand): number {
  const { radius = depth, distance = depth, x = 0 } = stand;
  const aside = Math.max(0, across / 2 - Math.abs(x));
  const bySide = radius <= aside ? Math.PI : Math.asin(aside / radius);
  const byFront = distance >= 2 * radius ? Math.PI : Math.acos(1 - distance / radius);
  const once = 2 * Math.PI * radius - HOLE_GAP;
  return Math.min(2 * radius * Math.min(bySide, byFront), once);
}
