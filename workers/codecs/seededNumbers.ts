import { uniformFloat64 } from "pure-rand/distribution/uniformFloat64";
import { mersenne } from "pure-rand/generator/mersenne";

/** Numbers from 0 to 1, 1 left out, evenly spread: the same ones for the same seed (Mersenne Twister). */
export function seededNumbers(seed: number): () => number {
  const generator = mersenne(seed);
  return () => uniformFloat64(generator);
}
