import { toSrgb } from "../../basis/pictureValues/index.ts";
import { type Distribution, quantile } from "../model/distribution.ts";
import type { ToneChoice } from "../model/proofSettings.ts";

/** How exposures become tones: ends in log₁₀ lx·s, and the bend of what lies between. */
export interface Tone {
  readonly low: number;
  readonly high: number;
  readonly gamma: number;
}

/** Ends that are found, shares of the sheet. PHYSICS section 11. */
const ENDS = { low: 0.005, high: 0.995 } as const;
/** Bends that are found lie between these. PHYSICS section 11. */
const LEAST_GAMMA = 0.6;
const MOST_GAMMA = 1.7;
/** Two ends nearer than this are one: a sheet of one tone. */
const NO_RANGE = 1e-6;

/**
 * The tone of a sheet: its 0.5th and 99.5th percentile of log H as ends, bent so that its median is as light as L* = 50.
 *
 * @param spread of log₁₀ H inside the margin
 * @param choice what the maker set
 * @returns low < high, 0.6 ≤ gamma ≤ 1.7 unless chosen otherwise
 * @source PHYSICS section 11, “Tone”
 * @example toneFor({ values: Float64Array.of(-1, 0, 1), counts: Float64Array.of(1, 1, 1), total: 3 }, { low: -1, high: 1, gamma: null }).gamma // 1
 */
export function toneFor(spread: Distribution, choice: ToneChoice): Tone {
  const low = choice.low ?? quantile(spread, ENDS.low);
  const high = Math.max(choice.high ?? quantile(spread, ENDS.high), low + NO_RANGE);
  const middle = (quantile(spread, 0.5) - low) / (high - low);
  const found = Math.log(0.5) / Math.log(middle);
  // A median beyond an end has no bend of its own: dark below, light above.
  const kept =
    middle <= 0 ? LEAST_GAMMA : middle >= 1 ? MOST_GAMMA : Math.min(MOST_GAMMA, Math.max(LEAST_GAMMA, found));
  return { low, high, gamma: choice.gamma ?? kept };
}

/**
 * Lightness as a share of white in an sRGB picture.
 *
 * @param lightness L*, 0 to 100
 * @returns 0 to 1
 * @source CIE 15:2004, 8.2.1 (L* of CIE 1976, κ = 24389/27, ε = 216/24389); IEC 61966-2-1
 * @example srgbOfLightness(50) // 0.466…
 */
export function srgbOfLightness(lightness: number): number {
  const f = (lightness + 16) / 116;
  return toSrgb(lightness > 8 ? f ** 3 : (lightness * 27) / 24389);
}

/**
 * The tone of an exposure, as a share of white in an sRGB picture.
 *
 * @param logExposure log₁₀ lx·s
 * @returns 0 to 1
 * @source PHYSICS section 11: x = (log H − lo)/(hi − lo) kept to 0 … 1, L* = 100·x^γ
 * @example toneOfLog({ low: -1, high: 1, gamma: 1 }, 1) // 1
 */
export function toneOfLog({ low, high, gamma }: Tone, logExposure: number): number {
  const x = Math.min(1, Math.max(0, (logExposure - low) / (high - low)));
  return srgbOfLightness(100 * x ** gamma);
}

/** Steps of a tone's table: finer than 16 bits see. */
const STEPS = 1 << 16;

/**
 * A tone as a table, for millions of pixels.
 *
 * @param most the number that stands for white
 * @returns the number of an exposure, whole, 0 to `most`
 * @example toneTable({ low: -1, high: 1, gamma: 1 }, 255)(1) // 255
 */
export function toneTable(tone: Tone, most: number): (logExposure: number) => number {
  const table = Float64Array.from({ length: STEPS + 1 }, (_, i) =>
    toneOfLog(tone, tone.low + ((tone.high - tone.low) * i) / STEPS),
  );
  const scale = STEPS / (tone.high - tone.low);
  return (logExposure) => {
    const place = (logExposure - tone.low) * scale;
    if (!(place > 0)) return 0;
    if (place >= STEPS) return most;
    const step = place | 0;
    const from = table[step] as number;
    return (most * (from + ((table[step + 1] as number) - from) * (place - step)) + 0.5) | 0;
  };
}
