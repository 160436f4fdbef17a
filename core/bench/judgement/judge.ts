import { designFaults, refusal, settled } from "../../camera/container/index.ts";
import { chambersApart, holesAlike, picturesApart } from "./apart.ts";
import { buildable } from "./buildable.ts";
import { pictureSmall } from "./framing.ts";
import { holeSuits, insideBlack } from "./hole.ts";
import { lidClear } from "./lidClear.ts";
import { levelHole, lightReaches } from "./light.ts";
import { lightTight } from "./lightTight.ts";
import type { Case, Judge, Verdict, Weight } from "./verdict.ts";

const JUDGES: readonly Judge[] = [
  buildable,
  lightReaches,
  chambersApart,
  picturesApart,
  holesAlike,
  lidClear,
  lightTight,
  insideBlack,
  holeSuits,
  levelHole,
  pictureSmall,
];
const ORDER: Readonly<Record<Weight, number>> = { stop: 0, warn: 1, note: 2 };

/**
 * All verdicts on a design, worst first. A fix is offered only where nothing would refuse it and nothing that can be
 * built stops being so.
 *
 * @returns verdicts with their fixes; empty where nothing is to be said
 * @example judge({ camera: box, … }) // [], a new camera is calm
 */
export function judge(judged: Case): readonly Verdict[] {
  return JUDGES.flatMap((each) => each(judged))
    .map((verdict) => (possible(verdict, judged) ? verdict : { ...verdict, fix: null }))
    .sort((a, b) => ORDER[a.weight] - ORDER[b.weight]);
}

function possible({ fix }: Verdict, { camera, light, ideal, faults }: Case): boolean {
  if (fix === null) return true;
  const next = settled(fix.apply(camera), light, ideal);
  return refusal(next, null) === null && designFaults(next).length <= faults.length;
}
