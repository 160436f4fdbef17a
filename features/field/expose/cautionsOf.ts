import { DAY_MS } from "../../../core/basis/units/index.ts";
import type { PhotographTaken } from "../../../workers/codecs/read/readPhotograph.ts";

/** A photograph is of this light for so long, ms; common practice. */
const THE_SAME_LIGHT = 3_600_000;
/** Clocks of cameras may be wrong by so much, ms. */
const WRONG_CLOCK = 300_000;
const SPANS = [
  ["year", 365.25 * DAY_MS],
  ["month", 30.44 * DAY_MS],
  ["day", DAY_MS],
  ["hour", 3_600_000],
] as const;

/**
 * Why a photograph may not tell the light that is now.
 *
 * @param now ms
 * @example cautionsOf({ …taken, flash: true }, now)[0] // "Its flash fired: …"
 */
export function cautionsOf({ flash, at }: Pick<PhotographTaken, "flash" | "at">, now: number): readonly string[] {
  const since = at === null ? 0 : now - Date.parse(at);
  const [name, ms] = SPANS.find(([, span]) => since >= span) ?? ["hour", 3_600_000];
  const many = Math.round(since / ms);
  return [
    ...(flash ? ["Its flash fired: what that lit says nothing of the light. Take one without."] : []),
    ...(since > THE_SAME_LIGHT
      ? [`It was taken ${many} ${name}${many === 1 ? "" : "s"} ago: the light of then, not of now.`]
      : []),
    ...(since < -WRONG_CLOCK
      ? ["By its camera’s clock it was taken later than now: one of the two clocks is wrong."]
      : []),
  ];
}
