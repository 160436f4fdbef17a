import type { BuildStep } from "./steps.ts";

/** How long building takes. */
export interface BuildTime {
  /** Work of the hands for one camera, and for all of them one after the other, minutes. */
  readonly one: number;
  readonly all: number;
  /** Waiting for paint and glue, hours: all of a set dry side by side, so it is counted once. */
  readonly dries: number;
}

/**
 * How long steps take for one camera and for a number of the same.
 *
 * @param count cameras, ≥ 1
 * @example buildTime([{ minutes: 15, dries: 12, once: false }], 9) // { one: 15, all: 135, dries: 12 }
 */
export function buildTime(steps: readonly Pick<BuildStep, "minutes" | "dries" | "once">[], count: number): BuildTime {
  let [one, all, dries] = [0, 0, 0];
  for (const step of steps) {
    one += step.minutes;
    all += step.minutes * (step.once ? 1 : count);
    dries += step.dries;
  }
  return { one, all, dries };
}
