import { chance, normalNumbers, once } from "../../../core/basis/numeric/index.ts";
import type { PracticeMeter } from "../../../core/simulate/field/index.ts";
import { hiddenHere, practisedHere } from "../../../ui/practice/hiddenHere.ts";

const KEY = "practice-meter";
/** By how much it may be off, stops: phones have been seen to be two and a half out (common practice). */
const OFFSETS = [-2.5, -2, -1.5, -1, -0.5, 0.5, 1, 1.5, 2, 2.5];
/** A reading of a hand that doesn’t hold quite still; common practice. */
const NOISE = 0.12;

/**
 * This browser’s practice meter: it is off by the same stops for as long as the browser remembers; in a session of practice, by
 * what the session hides.
 */
export function practiceMeter(): PracticeMeter {
  const hidden = hiddenHere();
  if (hidden !== null) return { offset: hidden.meterOffset, noise: NOISE };
  const stored = Number(read());
  if (OFFSETS.includes(stored)) return { offset: stored, noise: NOISE };
  const offset = OFFSETS[Math.floor(Math.random() * OFFSETS.length)] as number;
  try {
    localStorage.setItem(KEY, String(offset));
  } catch {
    // Where nothing may be stored it is another meter each time.
  }
  return { offset, noise: NOISE };
}

function read(): string | null {
  try {
    return localStorage.getItem(KEY);
  } catch {
    return null;
  }
}

/** By how much each next reading is off by chance, in standard deviations: in a session of practice by its number. */
const noise = once(() => {
  const practised = practisedHere();
  return normalNumbers(practised === null ? Math.random : chance(practised.seed));
});

/** The noise of the next reading: a standard normal number. */
export function readingNoise(): number {
  return noise()();
}
