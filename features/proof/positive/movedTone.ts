import type { Tone } from "../../../core/negative/index.ts";

/** Which of a tone's three places is held. */
export type ToneEnd = "low" | "middle" | "high";

/** A tone with one of its places moved; ends never pass one another, the middle stays between them. */
export function movedTone(tone: Tone, end: ToneEnd, to: number): Tone {
  const gap = 0.02;
  if (end === "low") return { ...tone, low: Math.min(to, tone.high - gap) };
  if (end === "high") return { ...tone, high: Math.max(to, tone.low + gap) };
  const share = Math.min(0.98, Math.max(0.02, (to - tone.low) / (tone.high - tone.low)));
  return { ...tone, gamma: Math.log(0.5) / Math.log(share) };
}
