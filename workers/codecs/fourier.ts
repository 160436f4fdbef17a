import FFT from "fft.js";
import type { Transform } from "../../core/negative/index.ts";

/** Transforms of a length that is a power of two, by fft.js. */
export function transformOf(size: number): Transform {
  const fft = new FFT(size);
  return {
    forward: (out, data) => fft.transform(out, data),
    inverse: (out, data) => fft.inverseTransform(out, data),
  };
}
