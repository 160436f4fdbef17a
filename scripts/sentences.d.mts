/** A sentence that people read in the app, and where it is written. */
export interface Sentence {
  readonly path: string;
  readonly line: number;
  readonly sentence: string;
  readonly words: number;
}
export function sentencesIn(path: string, text: string): readonly Sentence[];
export function allSentences(folders?: readonly string[]): readonly Sentence[];
export function readingEase(sentences: readonly string[]): number;
