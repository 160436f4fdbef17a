import type { JudgeAnswer } from "../../../core/negative/index.ts";

/** How much longer or shorter, in makers' words. Common practice. */
const TIMES: readonly { readonly from: number; readonly words: string }[] = [
  { from: 2.5, words: "six to eight times as long next" },
  { from: 1.75, words: "four times as long next" },
  { from: 1.25, words: "three times as long next" },
  { from: 0.75, words: "twice the time next" },
  { from: 0.33, words: "half as much again next" },
  { from: -0.33, words: "the same time again" },
  { from: -0.75, words: "two thirds of the time next" },
  { from: -1.25, words: "half the time next" },
  { from: -1.75, words: "a third of the time next" },
  { from: -2.5, words: "a quarter of the time next" },
  { from: Number.NEGATIVE_INFINITY, words: "an eighth of the time next" },
];

/** Shares of the sheet that are worth a word. */
const MUCH = 0.05;

/** A proposal in words: what next, and why. */
export function proposal({ correction, atLeast, p05, p95, blank, burnt }: JudgeAnswer): string {
  const time = TIMES.find(({ from }) => correction >= from)?.words ?? "";
  const next = atLeast && Math.abs(correction) >= 0.33 ? `at least ${time}` : time;
  return `${next[0]?.toUpperCase()}${next.slice(1)}: ${why(p05, p95, blank, burnt)}.`;
}

function why(p05: number, p95: number, blank: number, burnt: number): string {
  const dark =
    burnt > 0.3
      ? "much of it is black"
      : burnt > MUCH
        ? "the sky is black"
        : p95 > 2
          ? "the lights are dense"
          : "the lights hold";
  const light =
    blank > 0.3
      ? "much of it is empty"
      : blank > MUCH
        ? "the shadows are empty"
        : p05 < -2
          ? "the shadows are thin"
          : "the shadows are there";
  return `${dark}, ${light}`;
}
