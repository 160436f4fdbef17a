import { allSentences, readingEase, sentencesIn } from "../scripts/sentences.mjs";

const all = allSentences();

test("a sentence is found in text and in words with figures, a class list and a name are not", () => {
  const file = `
    const said = \`The tin wants \${seconds} more than the sum says.\`;
    export const Part = () => (
      <p className="mt-2 grid gap-3">
        {count} sheets lie <b>in the dark</b>. Look!
      </p>
    );
    const name = "Biscuit tin";`;
  expect(sentencesIn("part.tsx", file).map(({ sentence, words }) => [sentence, words])).toEqual([
    ["The tin wants … more than the sum says.", 9],
    ["… sheets lie in the dark.", 6],
  ]);
});

test("reading ease is Flesch's: short words in short sentences read more easily", () => {
  // By hand: 6 words, 6 syllables, 1 sentence: 206.835 − 6.09 − 84.6.
  expect(readingEase(["The cat sat on the mat."])).toBeCloseTo(116.145, 3);
  expect(readingEase(["Photographic sensitivity necessitates determination."])).toBeLessThan(0);
});

test("nothing that people read has over 30 words, and all of it reads as plain English at the least", () => {
  expect(all.length).toBeGreaterThan(1500);
  expect(all.filter(({ words }) => words > 30).map(({ path, sentence }) => `${path}: ${sentence}`)).toEqual([]);
  expect(readingEase(all.map(({ sentence }) => sentence))).toBeGreaterThan(70);
});

/** Words that made makers read twice; what to say instead stands beside each. */
const RIDDLES: readonly (readonly [RegExp, string])[] = [
  [/is not stored\b/, "could not be saved"],
  [/\bTake in a\b/, "Import a"],
  [/is taken out\b/, "is removed, is deleted"],
  [/\bis being (looked|reckoned|exposed|drawn|read)\b/, "Looking for …, Working out …"],
  [/\bsift\b/, "filter"],
  [/^None is noted/, "No … yet"],
  [/\breckon/, "work out, compute"],
  [/\bso say\b/, "by"],
];

test.each(RIDDLES)("nobody reads %s: say “%s”", (riddle) => {
  expect(
    all.filter(({ sentence }) => riddle.test(sentence)).map(({ path, sentence }) => `${path}: ${sentence}`),
  ).toEqual([]);
});
