import { fromSrgb, toSrgb } from "../../core/basis/pictureValues/index.ts";
import { densityCurve } from "../../core/light/exposure/index.ts";
import { MISSING, type NegativeMedium } from "../../core/negative/index.ts";
import type { Drawn } from "./paintDrawn.ts";

/** What is reckoned once for a table of tones. */
const STEPS = 512;

/**
 * The same picture as a plain inversion has it: white less the number of the scan (of a direct positive the scan itself). As shares of lightness, so that a tone
 * of 0 to 1 shows them as they are.
 */
export function plainTones({ width, height, planes }: Drawn, medium: NegativeMedium): Drawn {
  const curve = densityCurve(medium, medium.iso);
  const lightness = (log: number): number => {
    const scanned = toSrgb(10 ** -(curve(10 ** log) - medium.least));
    const shown = medium.positive ? scanned : 1 - scanned;
    const y = fromSrgb(shown);
    return (y > 216 / 24389 ? 116 * Math.cbrt(y) - 16 : (y * 24389) / 27) / 100;
  };
  const [least, most] = [-4, 4];
  const table = Float32Array.from({ length: STEPS + 1 }, (_, i) => lightness(least + ((most - least) * i) / STEPS));
  const plain = planes.map((plane) =>
    plane.map((log) => {
      if (log === MISSING) return MISSING;
      const place = Math.min(STEPS - 1e-6, Math.max(0, ((log - least) / (most - least)) * STEPS));
      const step = place | 0;
      return (table[step] as number) + ((table[step + 1] as number) - (table[step] as number)) * (place - step);
    }),
  );
  return { width, height, planes: plain };
}
