import { chance } from "../basis/numeric/index.ts";
import { FULL_SUN_EV } from "../light/exposure/index.ts";

/** What can be practised in ten minutes, in the order in which it is learnt. */
export const SESSIONS = ["meter", "black-sky", "paper", "leak", "canisters", "ghost", "half-year"] as const;
export type SessionName = (typeof SESSIONS)[number];

/** A session and its number: the same number hides the same things. */
export interface Practised {
  readonly session: SessionName;
  /** A whole number from 0 to {@link MOST_SEED}. */
  readonly seed: number;
}

export const MOST_SEED = 9999;

/**
 * The number of a session from what somebody typed, or from an address.
 *
 * @returns `null` where it is none
 * @example seedFrom(" 12 ") // 12
 */
export function seedFrom(text: string | null): number | null {
  return text !== null && /^\d{1,4}$/.test(text.trim()) ? Number(text) : null;
}

/** What a session keeps from whoever practises. */
export interface Hidden {
  /** EV₁₀₀ of the sky. */
  readonly ev: number;
  /** Stops to add to the times of the practice meter. */
  readonly meterOffset: number;
  /** Stops by which the paper is faster than its box says; below 0: slower. */
  readonly paperStops: number;
  /** Stops by which the sheet that somebody else exposed was too long. */
  readonly firstOver: number;
  /** Where it plays, degrees north. */
  readonly latitude: number;
  /** Seconds in which a passer-by goes as far as she is wide: told, for it can be counted. 0: nobody passes. */
  readonly passes: number;
  /** Whether light comes in beside the lid until a test has proved the camera tight. */
  readonly leaks: boolean;
}

/** What is hidden is a whole number of thirds, from so many to so many, up or down. */
const THIRDS = {
  meter: [3, 7],
  "black-sky": [4, 7],
  paper: [3, 5],
} as const;

/** One for each of the ghost's cameras: in the others' time she shows too much, or not at all. */
const PASSES = [4, 12, 40] as const;

/** From here the summer sun leaves the sheet of the half year’s can, and so it does for so many degrees more. */
const SOUTHERNMOST = 46;
const DEGREES_NORTH = 12;

/**
 * What a session hides.
 *
 * @example hiddenIn({ session: "leak", seed: 3 }).leaks // true
 */
export function hiddenIn({ session, seed }: Practised): Hidden {
  const random = chance(SESSIONS.indexOf(session) * (MOST_SEED + 1) + seed);
  const drawn = (of: keyof typeof THIRDS): number => {
    const [least, most] = THIRDS[of];
    return (least + Math.floor(random() * (most - least + 1))) / 3;
  };
  const either = (stops: number): number => (random() < 0.5 ? -stops : stops);
  return {
    ev: FULL_SUN_EV,
    meterOffset: session === "meter" ? either(drawn("meter")) : 0,
    paperStops: session === "paper" ? either(drawn("paper")) : 0,
    firstOver: session === "black-sky" ? drawn("black-sky") : 0,
    latitude: session === "half-year" ? SOUTHERNMOST + Math.floor(random() * (DEGREES_NORTH + 1)) : 0,
    passes: session === "ghost" ? (PASSES[Math.floor(random() * PASSES.length)] as number) : 0,
    leaks: session === "leak",
  };
}
