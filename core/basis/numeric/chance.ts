const { imul } = Math;

/**
 * Numbers that look as if chance gave them, and are the same on every run.
 *
 * @param seed a whole number
 * @returns the next number at each call, from 0 to 1, 1 left out
 * @source mulberry32 (T. Ettinger, 2017, public domain; from memory)
 * @example chance(7)() === chance(7)() // true
 */
export function chance(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = imul(state ^ (state >>> 15), state | 1);
    t ^= t + imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
