import { earliestStart, type Visit, visitsFrom } from "../../basis/flowShop/index.ts";

/** When a few people are in the darkroom. */
export interface Turn {
  /** Minutes after the start. */
  readonly from: number;
  readonly to: number;
  /** Numbers of the people, 1 and up. */
  readonly people: readonly number[];
  readonly job: "load" | "develop";
}

/** How long things take in one darkroom, minutes. */
export interface DarkroomTimes {
  /** People in it at once. */
  readonly atOnce: number;
  readonly load: number;
  readonly develop: number;
  /** Out with the camera, between loading and developing, at least. */
  readonly outside: number;
}

/** Loading for a few at once; developing 60 to 90 s, rinse, stop, fixer, into the wash. Common practice. */
export const USUAL_TIMES: DarkroomTimes = { atOnce: 3, load: 4, develop: 8, outside: 20 };

const ROOM = "darkroom";

/**
 * Turns of a group in one darkroom, which holds one turn at a time: each few load as early as those before them allow, and
 * come back as early as there is room after their time outside.
 *
 * @param count people, ≥ 1
 * @returns turns in order of time, each person once a job
 * @source the flow shop that plans sheets through trays: `basis/flowShop`
 * @example darkroomTurns(1, { atOnce: 1, load: 4, develop: 8, outside: 20 }).length // 2
 */
export function darkroomTurns(count: number, { atOnce, load, develop, outside }: DarkroomTimes): readonly Turn[] {
  const booked: Visit[] = [];
  const turns: Turn[] = [];
  const take = (job: Turn["job"], lasts: number, notBefore: number, people: readonly number[]): number => {
    const stays = [{ station: ROOM, lasts }];
    const from = earliestStart(stays, booked, { room: { [ROOM]: 1 } }, notBefore) ?? notBefore;
    booked.push(...visitsFrom(from, stays));
    turns.push({ from, to: from + lasts, people, job });
    return from + lasts;
  };
  for (let first = 1; first <= count; first += atOnce) {
    const people = Array.from({ length: Math.min(atOnce, count - first + 1) }, (_, k) => first + k);
    take("develop", develop, take("load", load, 0, people) + outside, people);
  }
  return turns.sort((a, b) => a.from - b.from);
}
