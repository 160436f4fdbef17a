import { chambersApart, picturesApart } from "./apart.ts";
import { buildable } from "./buildable.ts";
import { goNear, pictureSmall } from "./framing.ts";
import { holeSuits, insideBlack } from "./hole.ts";
import { levelHole, lightReaches } from "./light.ts";
import { lightTight } from "./lightTight.ts";
import type { Case, Judge, Verdict, Weight } from "./verdict.ts";

const JUDGES: readonly Judge[] = [
  buildable,
  lightReaches,
  chambersApart,
  picturesApart,
  lightTight,
  insideBlack,
  holeSuits,
  levelHole,
  goNear,
  pictureSmall,
];
const ORDER: Readonly<Record<Weight, number>> = { stop: 0, warn: 1, note: 2 };

/**
 * All verdicts on a design, worst first.
 *
 * @returns verdicts with their fixes; empty where nothing is to be said
 */
export function judge(judged: Case): readonly Verdict[] {
  return JUDGES.flatMap((each) => each(judged)).sort((a, b) => ORDER[a.weight] - ORDER[b.weight]);
}
