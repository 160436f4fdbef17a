import { formatStops } from "../../../core/basis/units/index.ts";
import { BOUND_SHARE, type JudgeAnswer } from "../../../core/negative/index.ts";

/** How much longer or shorter, in makers' words, by thirds of a stop: the factor that the words say is the stops' own. */
export const TIMES: readonly { readonly thirds: number; readonly factor: number; readonly words: string }[] = [
  { thirds: 9, factor: 8, words: "eight times as long" },
  { thirds: 8, factor: 6, words: "six times as long" },
  { thirds: 7, factor: 5, words: "five times as long" },
  { thirds: 6, factor: 4, words: "four times as long" },
  { thirds: 5, factor: 3, words: "three times as long" },
  { thirds: 4, factor: 2.5, words: "two and a half times as long" },
  { thirds: 3, factor: 2, words: "twice the time" },
  { thirds: 2, factor: 1.6, words: "a good half as long again" },
  { thirds: 1, factor: 1.25, words: "a quarter as long again" },
  { thirds: 0, factor: 1, words: "the same time again" },
  { thirds: -1, factor: 0.8, words: "four fifths of the time" },
  { thirds: -2, factor: 0.63, words: "not quite two thirds of the time" },
  { thirds: -3, factor: 0.5, words: "half the time" },
  { thirds: -4, factor: 0.4, words: "two fifths of the time" },
  { thirds: -5, factor: 0.32, words: "not quite a third of the time" },
  { thirds: -6, factor: 0.25, words: "a quarter of the time" },
  { thirds: -7, factor: 0.2, words: "a fifth of the time" },
  { thirds: -8, factor: 0.16, words: "a sixth of the time" },
  { thirds: -9, factor: 0.125, words: "an eighth of the time" },
];

/** Share of the sheet that is worth a word; the core says from which on what it says is a bound. */
const MUCH = 0.05;

/**
 * The stops that are proposed: thirds, as they are spoken of; none where the change is no more than what scenes differ by.
 *
 * @param sd ± of the change, stops
 */
export function proposedStops({ correction }: Pick<JudgeAnswer, "correction">, sd: number): number {
  return Math.abs(correction) <= sd ? 0 : Math.round(correction * 3) / 3 + 0;
}

/**
 * Which way a proposal is a bound: a sheet that is much too black wants that time at most, one that is much too empty at
 * least; one that is both says nothing sure.
 */
function boundOf({ blank, burnt }: Pick<JudgeAnswer, "blank" | "burnt">): "at least" | "at most" | "both" | null {
  if (blank > BOUND_SHARE && burnt > BOUND_SHARE) return "both";
  return blank > BOUND_SHARE ? "at least" : burnt > BOUND_SHARE ? "at most" : null;
}

/** A proposal in words: what next, and why. `sd`: its ±, stops; `positive`: of a direct positive. */
export function proposal(answer: JudgeAnswer, sd: number, positive: boolean): string {
  const { p05, p95, blank, burnt } = answer;
  const thirds = Math.round(3 * proposedStops(answer, sd));
  const time = TIMES.find((each) => each.thirds === thirds)?.words ?? "";
  const bound = boundOf(answer);
  const next = bound === null || bound === "both" ? time : `${bound} ${time}`;
  const sure = bound === "both" ? "; it holds too little to be sure" : "";
  return `${next[0]?.toUpperCase()}${next.slice(1)} next${sure}: ${why(p05, p95, blank, burnt, positive)}.`;
}

/** What a proposal is in stops, with its doubt: the same as in words. */
export function proposedInStops(answer: JudgeAnswer, sd: number): string {
  const stops = proposedStops(answer, sd);
  const bound = boundOf(answer);
  const said = stops === 0 ? "no stop more or less" : `${formatStops(stops)} ${stops > 0 ? "more" : "less"}`;
  // “At most half the time” is at least a stop less.
  const limit = bound === null || bound === "both" || stops === 0 ? "" : "at least ";
  return `${limit}${said}, ± ${formatStops(Math.max(1 / 3, sd))}`;
}

const TONES = {
  negative: { all: "black", sky: "the sky is black", dense: "the lights are dense", none: "empty", thin: "thin" },
  positive: {
    all: "bare white",
    sky: "the sky is bare white",
    dense: "the lights are pale",
    none: "black",
    thin: "dark",
  },
} as const;

function why(p05: number, p95: number, blank: number, burnt: number, positive: boolean): string {
  const tones = TONES[positive ? "positive" : "negative"];
  const lights =
    burnt > BOUND_SHARE
      ? `much of it is ${tones.all}`
      : burnt > MUCH
        ? tones.sky
        : p95 > 2
          ? tones.dense
          : "the lights hold";
  const shadows =
    blank > BOUND_SHARE
      ? `much of it is ${tones.none}`
      : blank > MUCH
        ? `the shadows are ${tones.none}`
        : p05 < -2
          ? `the shadows are ${tones.thin}`
          : "the shadows are there";
  return `${lights}, ${shadows}`;
}
