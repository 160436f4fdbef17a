import { buildable } from "./buildable.ts";
import { holeSuits, insideBlack } from "./hole.ts";
import { levelHole, lightReaches } from "./light.ts";
import type { Case, Judge, Verdict, Weight } from "./verdict.ts";

const JUDGES: readonly Judge[] = [buildable, lightReaches, insideBlack, holeSuits, levelHole];
const ORDER: Readonly<Record<Weight, number>> = { stop: 0, warn: 1, note: 2 };

/** All verdicts on a design, worst first. */
export function judge(judged: Case): readonly Verdict[] {
  return JUDGES.flatMap((each) => each(judged)).sort((a, b) => ORDER[a.weight] - ORDER[b.weight]);
}
