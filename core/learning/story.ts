import { type Bias, experience } from "./experience.ts";
import type { Biased, JudgedShot } from "./judgedShot.ts";
import { wantedStops } from "./judgedShot.ts";

/** What was believed of one camera, medium or light after each of its shots. */
export interface Chapter extends Bias {
  /** Place of the shot among those given. */
  readonly shot: number;
  /** What that shot wanted of this bias alone: what it wanted, less what is believed of the other two now. */
  readonly wanted: number;
}

/**
 * How the bias of one camera, medium or light became known: after each of its shots, in their order, the posterior of all
 * shots up to it. The band narrows as shots come in.
 *
 * @param shots of the whole log, oldest first
 * @param of which of the three
 * @param key of the one asked for
 * @returns one chapter for each of its shots that counts
 * @source PHYSICS section 12
 * @example story([], "camera", "a") // []
 */
export function story(shots: readonly JudgedShot[], of: Biased, key: string): readonly Chapter[] {
  const whole = experience(shots);
  return shots.flatMap((shot, index) => {
    if (shot.spoilt || shot[of] !== key) return [];
    const { stops, sd } = experience(shots.slice(0, index + 1)).about({ [of]: key })[of];
    const said = whole.about(shot);
    return [{ shot: index, stops, sd, wanted: wantedStops(shot) - (said.stops - said[of].stops) }];
  });
}
