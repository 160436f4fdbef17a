import { failure, type Result, success } from "../basis/units/index.ts";
import {
  correctedTime,
  type MeterReading,
  type ReciprocityRule,
  type ReciprocityTime,
  timeFromLight,
  timeFromMeter,
} from "../light/exposure/index.ts";
import type { Fault } from "../light/solve/index.ts";
import { type Experience, experience, type LearntBias } from "./experience.ts";
import { type JudgedShot, type ShotKeys, wantedStops } from "./judgedShot.ts";

/** The light of a shot: its EV₁₀₀, or what a meter read. */
export type ExposeLight = { readonly ev: number } | (Omit<MeterReading, "offset"> & { readonly offset?: number });

/** What a time is asked for (FORMAT, `POST /api/expose`). */
export interface ExposeRequest {
  /** f-number, > 0. */
  readonly fNumber: number;
  /** Speed of the medium, > 0. */
  readonly iso: number;
  readonly longTime?: ReciprocityRule | undefined;
  readonly light: ExposeLight;
  readonly keys?: ShotKeys | undefined;
  readonly judged?: readonly JudgedShot[] | undefined;
}

/** A time with what the log has taught (FORMAT, `POST /api/expose`); seconds and stops. */
export interface ExposeAnswer {
  readonly formula: { readonly meteredSeconds: number; readonly seconds: number };
  readonly learned: LearntBias & { readonly seconds: number; readonly used: number };
  /** Shorter, the learnt one, longer. */
  readonly bracket: readonly [number, number, number];
  /** Whether one of these times lies past the medium's table. */
  readonly pastTable: boolean;
}

/** How far apart the times of a bracket are at least and at most, stops. PHYSICS section 12. */
const BRACKET = { step: 0.5, least: 0.5, most: 1.5 } as const;

/**
 * How far apart three times should be: the next shot's standard deviation rounded to half stops (a tie up), ½ to 1½.
 *
 * @param sd stops, > 0
 * @returns stops
 * @source PHYSICS section 12
 * @example bracketStep(0.75) // 1
 */
export function bracketStep(sd: number): number {
  const { step, least, most } = BRACKET;
  return Math.min(most, Math.max(least, Math.floor(sd / step + 0.5) * step));
}

/** The metered time of a request, before the long-time rule, s. */
function meteredFor({ fNumber, iso, light }: Pick<ExposeRequest, "fNumber" | "iso" | "light">): number {
  if ("ev" in light) return timeFromLight(light.ev, fNumber, iso);
  return timeFromMeter({ ...light, offset: light.offset ?? 0 }, fNumber, iso);
}

/**
 * The time for a camera in a light, by the sums and with what the log has taught: t = f(t_metered·2^Σb), with the bracket.
 *
 * @param request what is asked; its numbers within the ranges of FORMAT
 * @param learnt experience of the request's judged shots, where it is at hand already
 * @returns the answer, or a fault where a time lies beyond what numbers hold
 * @source PHYSICS sections 3 and 12
 * @example expose({ fNumber: 16, iso: 100, light: { ev: 8 } }).ok // true
 */
export function expose(request: ExposeRequest, learnt?: Experience): Result<ExposeAnswer, readonly Fault[]> {
  const judged = request.judged ?? [];
  const faults = judged.flatMap((shot, index) =>
    shot.spoilt || Number.isFinite(wantedStops(shot))
      ? []
      : [
          {
            path: `/judged/${index}/usedSeconds`,
            message: "leads, with its correction, beyond any time that can be told",
          },
        ],
  );
  if (faults.length > 0) return failure(faults);
  const known = learnt ?? experience(judged);
  const said = known.about(request.keys ?? {});
  const metered = meteredFor(request);
  const rule = request.longTime ?? { kind: "none" };
  const at = (stops: number): ReciprocityTime => correctedTime(metered * 2 ** stops, rule);
  const width = bracketStep(said.sd);
  const formula = at(0);
  const bracket = [at(said.stops - width), at(said.stops), at(said.stops + width)] as const;
  const times = [formula, ...bracket];
  if (!times.every(({ seconds }) => seconds > 0 && Number.isFinite(seconds))) {
    return failure([
      { path: "/light", message: "leads, with this f-number and ISO, beyond any time that can be told" },
    ]);
  }
  const [shorter, best, longer] = bracket;
  return success({
    formula: { meteredSeconds: metered, seconds: formula.seconds },
    learned: { seconds: best.seconds, ...said, used: known.used },
    bracket: [shorter.seconds, best.seconds, longer.seconds],
    pastTable: times.some(({ pastTable }) => pastTable),
  });
}
