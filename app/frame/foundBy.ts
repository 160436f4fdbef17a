/**
 * Whether a command is found by what was typed: all of its words must be there, each as the beginning of one best.
 *
 * @param also other words that it is found by
 * @returns 0: not found; 1: every word begins one
 */
export function foundBy(name: string, typed: string, also: readonly string[] = []): number {
  const words = wordsOf(`${name} ${also.join(" ")}`);
  const scores = wordsOf(typed).map((part) =>
    words.some((word) => word.startsWith(part)) ? 1 : words.some((word) => word.includes(part)) ? 0.4 : 0,
  );
  return Math.min(1, ...scores);
}

function wordsOf(text: string): readonly string[] {
  return text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== "");
}
