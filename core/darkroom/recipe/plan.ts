import type { Stay } from "../../basis/flowShop/index.ts";
import { temperatureFactor } from "../temperature/index.ts";
import { type BathName, type Lamp, lampAfter, lampFor, type Recipe, type RecipeStep } from "./recipe.ts";

/** A step as it is to be done today. */
export interface PlannedStep extends RecipeStep {
  /** Planned seconds at the temperature of the day. */
  readonly planned: number;
  /** Planned beginning after the sheet went in, s. */
  readonly from: number;
  /** The light that the plan lets be on while it lasts: what really may be on `darkroom/lamp` says. */
  readonly lamp: Lamp;
}

/**
 * A recipe's steps at a temperature.
 *
 * @param celsius of the developer, °C
 * @param q10 factor of speed for 10 °C
 * @returns in their order; empty for what is not developed
 * @source PHYSICS section 13
 * @example planOf(trays, 20, 2.2)[0].planned // the recipe's own seconds
 */
export function planOf(recipe: Recipe, celsius: number, q10: number): readonly PlannedStep[] {
  const factor = temperatureFactor(celsius, q10);
  let from = 0;
  let lamp = lampFor(recipe.medium);
  return recipe.steps.map((step) => {
    const planned = step.byTemperature ? step.seconds * factor : step.seconds;
    const now = { ...step, planned, from, lamp };
    from += planned;
    lamp = lampAfter(step) ?? lamp;
    return now;
  });
}

/**
 * Seconds after which a bath has done what it is for, at the temperature of the day.
 *
 * @returns s, never more than what is planned
 * @source TRADE section 6, common practice
 * @example leastOf({ seconds: 120, planned: 120, least: 30, … }) // 30
 */
export function leastOf({ seconds, planned, least }: PlannedStep): number {
  return planned * Math.min(1, (least ?? seconds) / seconds);
}

/** A bath is left long before its least time when not even this share of it is over. */
const LONG_BEFORE = 0.5;

/**
 * Whether a bath would be left so early that it can hardly have been meant.
 *
 * @param elapsed seconds in it
 * @example isTooSoon({ seconds: 120, planned: 120, least: 30, … }, 10) // true
 */
export function isTooSoon(step: PlannedStep, elapsed: number): boolean {
  return elapsed < LONG_BEFORE * leastOf(step);
}

/**
 * A plan as stays in trays, for the flow shop.
 *
 * @returns one for each step; s
 * @example staysOf(plan)[0].station // "developer"
 */
export function staysOf(plan: readonly PlannedStep[]): readonly Stay[] {
  return plan.map(({ bath, planned }) => ({ station: bath, lasts: planned }));
}

/** One pair of hands needs so long between two moves, s. Common practice: drain it by a corner. */
export const MOVE_SECONDS = 5;

/** Sheets a tray holds at once where nobody said otherwise. Common practice. */
const USUAL_ROOM: Readonly<Record<BathName, number>> = { developer: 1, water: 1, rinse: 1, stop: 1, fixer: 2, wash: 8 };

/**
 * How many sheets each bath of a recipe holds.
 *
 * @returns whole numbers ≥ 1 by bath
 * @example roomOf({ …, room: { developer: 2 } }).developer // 2
 */
export function roomOf(recipe: Recipe): Readonly<Record<BathName, number>> {
  return { ...USUAL_ROOM, ...recipe.room };
}

/**
 * Seconds in the developer of a plan, or as they really were.
 *
 * @returns s; 0 where there is none
 * @example developerSeconds([{ bath: "developer", seconds: 75 }, { bath: "stop", seconds: 20 }]) // 75
 */
export function developerSeconds(steps: readonly { readonly bath: BathName; readonly seconds: number }[]): number {
  return steps.filter(({ bath }) => bath === "developer").reduce((sum, { seconds }) => sum + seconds, 0);
}
