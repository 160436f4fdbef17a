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

/**
 * Turns of a group in one darkroom: never two at a time, everyone loads and comes back no sooner than they can; whoever
 * waits longest to develop goes before those who have yet to load.
 *
 * @param count people, ≥ 1
 * @returns turns in order of time, each person once a job
 * @example darkroomTurns(1, { atOnce: 1, load: 4, develop: 8, outside: 20 }).length // 2
 */
export function darkroomTurns(count: number, { atOnce, load, develop, outside }: DarkroomTimes): readonly Turn[] {
  const groups = Array.from({ length: Math.ceil(count / atOnce) }, (_, i) =>
    Array.from({ length: Math.min(atOnce, count - i * atOnce) }, (_, k) => i * atOnce + k + 1),
  );
  const turns: Turn[] = [];
  const back: { readonly people: readonly number[]; readonly at: number }[] = [];
  let now = 0;
  let loaded = 0;
  while (loaded < groups.length || back.length > 0) {
    const [first] = back;
    if (first !== undefined && (first.at <= now || loaded === groups.length)) {
      now = Math.max(now, first.at);
      turns.push({ from: now, to: now + develop, people: first.people, job: "develop" });
      back.shift();
      now += develop;
    } else {
      const people = groups[loaded] as readonly number[];
      turns.push({ from: now, to: now + load, people, job: "load" });
      now += load;
      back.push({ people, at: now + outside });
      loaded++;
    }
  }
  return turns;
}
