import { type Lamp, lampAfter, lampFor, leastOf, type PlannedStep, type Recipe } from "../recipe/index.ts";
import { type Run, sureSeconds } from "../run/index.ts";

/** A sheet that is out of its box and its camera, or about to be. */
export interface SheetOut {
  /** Which it is, in words. */
  readonly name: string;
  readonly medium: Recipe["medium"];
  /** Its way through the baths; `null`: it waits for its turn, or is in the hand. */
  readonly run: Run | null;
}

/** The lamp that may be on, and the sheets that forbid a brighter one. */
export interface LampAllowed {
  readonly lamp: Lamp;
  readonly because: readonly SheetOut[];
}

/** From the darkest. */
const LAMPS: readonly Lamp[] = ["none", "red", "white"];

/**
 * The light that one sheet bears now: its medium's own until a fixer has worked on it for as long as it must at the least,
 * wherever the plan says it is by now.
 *
 * @param nowMs by the run's clock
 * @source TRADE sections 4 and 6, common practice; a maker's data sheet counts before it
 * @example lampBorne({ name: "a", medium: "film", run: null }, 0) // "none"
 */
export function lampBorne({ medium, run }: SheetOut, nowMs: number): Lamp {
  const own = lampFor(medium);
  if (run === null) return own;
  const sure = sureSeconds(run, nowMs);
  return run.plan.reduce<Lamp>((lamp, step, index) => {
    const after = lampAfter(step);
    const seconds = sure[index];
    return after !== null && seconds !== undefined && seconds >= neededFor(step, run) ? after : lamp;
  }, own);
}

/** Seconds in a fixer until light is safe: where the clock moved the sheet, no eye saw when it went in, and all its time counts. */
function neededFor(step: PlannedStep, { byClock }: Run): number {
  return byClock ? step.planned : leastOf(step);
}

/**
 * The one lamp that is allowed now: the darkest that any of the sheets needs.
 *
 * @param sheets all that are out: waiting, in a bath, in the hand
 * @param nowMs by the clock of their runs
 * @returns white where none is out; else the lamp with every sheet that forbids a brighter one
 * @example allowedLamp([], 0).lamp // "white"
 */
export function allowedLamp(sheets: readonly SheetOut[], nowMs: number): LampAllowed {
  const borne = sheets.map((sheet) => ({ sheet, rank: LAMPS.indexOf(lampBorne(sheet, nowMs)) }));
  const rank = Math.min(LAMPS.length - 1, ...borne.map((each) => each.rank));
  const because = rank === LAMPS.length - 1 ? [] : borne.filter((each) => each.rank === rank);
  return { lamp: LAMPS[rank] ?? "none", because: because.map(({ sheet }) => sheet) };
}
