import { type JudgedShot, wantedStops } from "./judgedShot.ts";

/**
 * Shots without the bounds that others have gone past: “at least two stops more” says nothing new beside a shot of the same
 * camera, medium and light that wants two and a half.
 *
 * @param shots in any order
 * @returns those that still say something, in their order
 * @source PHYSICS section 11: of a sheet mostly burnt or blank the change is a bound
 * @example withoutSurpassed([{ camera: "a", meteredSeconds: 1, usedSeconds: 1, correction: 2, atLeast: true }, { camera: "a", meteredSeconds: 1, usedSeconds: 4, correction: 0.5 }]).length // 1
 */
export function withoutSurpassed(shots: readonly JudgedShot[]): readonly JudgedShot[] {
  const most = new Map<string, { more: number; less: number }>();
  const keyOf = ({ camera, medium, light }: JudgedShot): string => JSON.stringify([camera, medium, light]);
  for (const shot of shots) {
    if (shot.spoilt) continue;
    const wanted = wantedStops(shot);
    const known = most.get(keyOf(shot)) ?? { more: Number.NEGATIVE_INFINITY, less: Number.POSITIVE_INFINITY };
    most.set(keyOf(shot), { more: Math.max(known.more, wanted), less: Math.min(known.less, wanted) });
  }
  return shots.filter((shot) => {
    if (!shot.atLeast || shot.spoilt) return true;
    const known = most.get(keyOf(shot));
    const wanted = wantedStops(shot);
    return known === undefined || (shot.correction >= 0 ? known.more <= wanted : known.less >= wanted);
  });
}
