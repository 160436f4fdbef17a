import {
  formatFNumber,
  formatStops,
  formatTime,
  isSaid,
  moreOrLess,
  type Result,
  success,
} from "../../../core/basis/units/index.ts";
import { type Camera, type LengthWords, measuredDiameter, solveRequest } from "../../../core/camera/container/index.ts";
import { type Experience, type ExposeAnswer, expose, type ShotKeys } from "../../../core/learning/index.ts";
import { countable, type Medium } from "../../../core/light/exposure/index.ts";
import { opticalModel } from "../../../core/light/solve/index.ts";
import type { LightReading, MeterFault } from "../light/readLight.ts";

/** Times for a camera in a light, on a medium, with what the log has taught and the sum that leads there. */
export interface Suggestion extends ExposeAnswer {
  readonly fNumber: number;
  readonly reading: LightReading;
  /** Shorter, right, longer: what can be counted, s. */
  readonly counted: readonly [number, number, number];
  /** What the log says, in a sentence; `null` where it has nothing to say yet. */
  readonly learnt: string | null;
  /** Lines of the sum, in words and figures. */
  readonly sum: readonly string[];
}

/** What a log knows, and what of it is about the shot in hand. */
export interface Known {
  readonly experience: Experience;
  readonly keys: ShotKeys;
  /** Judged shots of this camera. */
  readonly shots: number;
}

/** The time for a camera in a light, on a medium, with the sum shown. */
export function suggest(
  camera: Camera,
  medium: Medium,
  iso: number,
  reading: LightReading,
  known: Known,
  words: LengthWords,
  /** Whether the sheet was pre-flashed. */
  flashed = false,
): Result<Suggestion, MeterFault> {
  const { aperture, distance } = opticalModel(solveRequest(camera, medium));
  const fNumber = distance / aperture.diameter;
  const { longTime } = medium;
  const answered = expose({ fNumber, iso, light: reading.light, longTime, keys: known.keys }, known.experience);
  if (!answered.ok) return { ok: false, error: { field: "", message: `This light ${answered.error[0]?.message}.` } };
  const { formula, learned, bracket } = answered.value;
  const counted = bracket.map(countable) as [number, number, number];
  const measured = measuredDiameter(camera) === null ? "" : " (measured)";
  const learntSeconds = formula.meteredSeconds * 2 ** learned.stops;
  const sum = [
    `${words(distance, 1)} ÷ ${words(aperture.diameter, 3)}${measured} = ${formatFNumber(fNumber)}`,
    ...reading.lines,
    ...(flashed
      ? ["pre-flashed: the shadows are lifted, the time stays; a post-flash before the developer does the same"]
      : []),
    `${Math.round(fNumber)}² × 100 ÷ (ISO ${iso} × 2^${Number(reading.ev.toFixed(1))}) = ${formatTime(formula.meteredSeconds)}`,
    // Whatever changes the figure has a line of its own, however little it is.
    ...(formatTime(learntSeconds) === formatTime(formula.meteredSeconds)
      ? []
      : [
          `the log: ${isSaid(learned.stops) ? moreOrLess(learned.stops) : "next to nothing"}, × ${(2 ** learned.stops).toFixed(2)} = ${formatTime(learntSeconds)}`,
        ]),
    ...longWords(learntSeconds, learned.seconds, answered.value.pastTable),
    ...(formatTime(counted[1]) === formatTime(learned.seconds)
      ? []
      : [`rounded to what a hand can count = ${formatTime(counted[1])}`]),
  ];
  return success({ ...answered.value, fNumber, reading, counted, learnt: learntWords(learned, known.shots), sum });
}

function longWords(metered: number, seconds: number, pastTable: boolean): readonly string[] {
  if (formatTime(seconds) === formatTime(metered)) return [];
  const guess = pastTable ? " (past its table: a guess)" : "";
  return [`long times need more on this film${guess}: ${formatTime(metered)} becomes ${formatTime(seconds)}`];
}

/**
 * What the log has taught of a shot, in a sentence.
 *
 * @param shots judged ones of this camera
 */
function learntWords({ stops, sd, used }: ExposeAnswer["learned"], shots: number): string | null {
  // What others taught of this paper and light is too little to speak of.
  if (used === 0 || (shots === 0 && !isSaid(stops))) return null;
  const from =
    shots > 0 ? `${shots} judged shot${shots === 1 ? "" : "s"} of this camera` : "judged shots of other cameras";
  const sure = `give or take ${formatStops(sd)}`;
  if (!isSaid(stops)) return `The sums are right, ${sure}, by ${from}.`;
  return `It wants ${moreOrLess(stops)} than the sums, ${sure}, by ${from}.`;
}
