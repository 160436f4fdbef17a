/**
 * Numbers of a normal distribution of mean 0 and variance 1.
 *
 * @param random numbers from 0 to 1, 1 left out
 * @returns a function that gives the next
 * @source G. Box, M. Muller, Ann. Math. Stat. 29 (1958) 610
 * @example normalNumbers(() => 0)() // 0
 */
export function normalNumbers(random: () => number): () => number {
  let spare: number | null = null;
  return () => {
    if (spare !== null) {
      const kept = spare;
      spare = null;
      return kept;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - random()));
    const angle = 2 * Math.PI * random();
    spare = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}
