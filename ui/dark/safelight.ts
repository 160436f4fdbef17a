import { readableDay } from "../format/localTime.ts";

/** A test whether this screen is a safelight in its place. It belongs to the device, not to a maker's data. */
export interface SafelightTest {
  /** ISO 8601. */
  readonly at: string;
  /** Brightness of the red light while the paper lay before it, of 255. */
  readonly level: number;
  readonly passed: boolean;
}

const KEY = "still-box-safelight";

/** What was found last; `null`: never tested here. */
export function safelightTest(): SafelightTest | null {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? "null") as Partial<SafelightTest> | null;
    const whole = typeof kept?.at === "string" && typeof kept.level === "number" && typeof kept.passed === "boolean";
    return whole ? (kept as SafelightTest) : null;
  } catch {
    return null;
  }
}

/** Keeps what was found. @returns whether it could be kept */
export function keepSafelightTest(test: SafelightTest): boolean {
  try {
    localStorage.setItem(KEY, JSON.stringify(test));
    return true;
  } catch {
    return false;
  }
}

/** The brightness that was found safe for paper; `null`: none was. */
export function safeLevel(): number | null {
  const test = safelightTest();
  return test?.passed ? test.level : null;
}

/** What there is to say of the screen's red at a brightness. No red is ever called safe for film. */
export function safelightWords(level: number): string {
  const test = safelightTest();
  if (test === null) {
    return "Not tested: no safelight until a coin on paper before it left no trace in five minutes.";
  }
  if (!test.passed)
    return `Tested ${readableDay(test.at)}: it fogs paper. Turn it away from the trays, or go by sound alone.`;
  if (level > test.level) return "Brighter than it was tested: dim it, or test it again.";
  return `Tested ${readableDay(test.at)}: no trace on paper after five minutes, at this brightness or more, in its place.`;
}
