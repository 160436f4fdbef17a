/**
 * The first clause of what is said, ended by a full stop, and what follows it; figures with a point are no end.
 *
 * @example firstClause("0.26 mm draws the most detail; up to 0.3 mm will do.") // ["0.26 mm draws the most detail.", "Up to 0.3 mm will do."]
 */
export function firstClause(words: string): readonly [first: string, rest: string] {
  const end = /(?:\.|;) /.exec(words);
  if (end === null) return [words, ""];
  const rest = words.slice(end.index + 2);
  return [`${words.slice(0, end.index)}.`, rest.slice(0, 1).toUpperCase() + rest.slice(1)];
}
