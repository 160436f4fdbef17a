import { flowShopStarts, type Shop } from "../../basis/flowShop/index.ts";
import { MOVE_SECONDS, type PlannedStep, staysOf } from "./plan.ts";

/** Several sheets alike on their way through one set of trays. */
export interface ThroughTrays {
  /** When each goes in, s after the first. */
  readonly starts: readonly number[];
  /** When the last one goes into the wash, and when it is out of it; s. */
  readonly washed: { readonly from: number; readonly to: number };
}

/**
 * When each of several sheets goes in, so that none waits in a bath, no tray overflows and one pair of hands can make each
 * move.
 *
 * @param count of sheets, ≥ 1
 * @param room how many each tray holds
 * @returns starts and ends; `null` where a tray holds none
 * @source PHYSICS section 13
 * @example throughTrays(plan, 2, { developer: 1 }).starts // [0, 65]
 */
export function throughTrays(plan: readonly PlannedStep[], count: number, room: Shop["room"]): ThroughTrays | null {
  const stays = staysOf(plan);
  const starts = flowShopStarts(
    Array.from({ length: count }, () => stays),
    { room, hands: MOVE_SECONDS },
  );
  if (starts === null) return null;
  const whole = stays.reduce((sum, { lasts }) => sum + lasts, 0);
  const wash = plan.find(({ bath }) => bath === "wash")?.from ?? whole;
  const last = Math.max(0, ...starts);
  return { starts, washed: { from: last + wash, to: last + whole } };
}
