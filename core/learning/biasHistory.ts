import { type Bias, experience, gathering } from "./experience.ts";
import type { Biased, JudgedShot } from "./judgedShot.ts";
import { wantedStops } from "./judgedShot.ts";

/** More are no clearer to look at. */
const MOST_POINTS = 24;

/** What was believed of one camera, medium or light after each of its shots. */
export interface BiasPoint extends Bias {
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
 * @returns one point for each of its shots that counts; of very many, {@link MOST_POINTS} evenly taken, the last among them
 * @source PHYSICS section 12
 * @example biasHistory([], "camera", "a") // []
 */
export function biasHistory(shots: readonly JudgedShot[], of: Biased, key: string): readonly BiasPoint[] {
  const whole = experience(shots);
  const gathered = gathering();
  const own = shots.flatMap((shot, index) => (shot.spoilt || shot[of] !== key ? [] : [index]));
  const told = new Set(evenly(own, MOST_POINTS));
  return shots.flatMap((shot, index) => {
    gathered.add(shot);
    if (!told.has(index)) return [];
    const { stops, sd } = gathered.read().about({ [of]: key })[of];
    const said = whole.about(shot);
    return [{ shot: index, stops, sd, wanted: wantedStops(shot) - (said.stops - said[of].stops) }];
  });
}

/** So many of a list at most, evenly taken, the last one among them. */
function evenly(list: readonly number[], most: number): readonly number[] {
  if (list.length <= most) return list;
  return Array.from({ length: most }, (_, i) => list[Math.ceil(((i + 1) * list.length) / most) - 1] as number);
}
