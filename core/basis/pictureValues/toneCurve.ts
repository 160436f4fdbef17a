import { fromSrgb } from "./srgb.ts";

/** What the numbers of a picture stand for, as its profile draws it: light at even steps from no number to the greatest. */
export interface ToneCurve {
  /** 0 … 1, two values or more. */
  readonly light: readonly number[];
}

/** What a picture's numbers stand for: light itself, numbers for screens, or what a curve says; `null`: it is not said. */
export type Encoded = "linear" | "srgb" | ToneCurve | null;

/**
 * Light that a number stands for.
 *
 * @param encoded `null` counts as sRGB
 * @param share of the greatest number, 0 … 1
 * @returns 0 … 1
 * @example lightOfNumber({ light: [0, 0.25, 1] }, 0.75) // 0.625
 * @example lightOfNumber("linear", 0.3) // 0.3
 */
export function lightOfNumber(encoded: Encoded, share: number): number {
  if (encoded === "linear") return share;
  if (encoded === null || encoded === "srgb") return fromSrgb(share);
  const { light } = encoded;
  const at = Math.max(0, Math.min(1, share)) * (light.length - 1);
  const below = Math.min(light.length - 2, Math.floor(at));
  const from = light[below] as number;
  return from + ((light[below + 1] as number) - from) * (at - below);
}

/** Steps of a curve made here. */
const STEPS = 1024;
/** So near to a known way of writing numbers a curve is that way, and its last digits are its writer's: stops, light. */
const NEAR = { stops: 0.05, dark: 0.002 } as const;

/**
 * A curve as it is used: one that is light itself, or sRGB, within {@link NEAR}, is called so.
 *
 * @param light of a share of the greatest number, rising
 * @example encodedBy((share) => share) // "linear"
 */
export function encodedBy(light: (share: number) => number): Exclude<Encoded, null> {
  const near = (known: (share: number) => number): boolean => {
    for (let i = 1; i <= 64; i++) {
      const share = i / 64;
      const stops = Math.log2((light(share) + NEAR.dark) / (known(share) + NEAR.dark));
      if (!(Math.abs(stops) < NEAR.stops)) return false;
    }
    return true;
  };
  if (near((share) => share)) return "linear";
  if (near(fromSrgb)) return "srgb";
  return { light: Array.from({ length: STEPS + 1 }, (_, i) => Math.max(0, Math.min(1, light(i / STEPS)))) };
}
