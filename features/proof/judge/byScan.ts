import type { Exposure, Judgement, Spoilt } from "../../../core/document/index.ts";
import {
  type FaultCode,
  type FoundFault,
  type JudgeAnswer,
  judgementSpread,
  type ProofSettings,
} from "../../../core/negative/index.ts";
import { proposedStops } from "./judgeWords.ts";

/** Places with more stops less than the axis do not count. PHYSICS section 11; two stops: FORMAT's example, common practice. */
export const WITHIN = 2;

/** How a scan is judged: as it lies, evened or sharpened by nothing, and only where the hole lets light fall. */
export function asJudged(settings: ProofSettings): ProofSettings {
  // What plate, wall or slope keep dark says nothing of the time.
  return { ...settings, projection: "lay", evenLight: false, sharpen: false, within: settings.camera ? WITHIN : null };
}

/** What a fault says of the sheet, where it then says nothing of its time. */
const NOTHING_OF_TIME: Readonly<Partial<Record<FaultCode, Spoilt>>> = {
  "all-black": "fogged",
  "all-white": "developed",
  leak: "leak",
  covered: "covered",
};

/** Why a sheet says nothing of its time; `null`: it does. */
export function saysNothing(
  faults: readonly Pick<FoundFault, "code">[],
  shot: Pick<Exposure, "spoilt"> | null,
): Spoilt | null {
  if (shot?.spoilt) return shot.spoilt;
  return faults.map(({ code }) => NOTHING_OF_TIME[code] ?? null).find((cause) => cause !== null) ?? null;
}

/** ± of what a scan says of the time, stops. */
export function spreadOf(answer: JudgeAnswer): number {
  return judgementSpread(
    answer,
    answer.warnings.some(({ code }) => code === "white-guessed"),
  );
}

/** What is written in the log: the scan's own proposal, or (`own`) what its maker says instead, stops. */
export function judgedByScan(answer: JudgeAnswer, own: number | null, at: string): Judgement {
  const sd = spreadOf(answer);
  // One's own verdict is as sure as one's eye.
  if (own !== null) return { correction: own, by: "scan", at };
  return { correction: proposedStops(answer, sd), by: "scan", at, sd, ...(answer.atLeast && { atLeast: true }) };
}
