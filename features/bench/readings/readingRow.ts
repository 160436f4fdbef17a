import type { TermId } from "../../../wording/glossary.ts";

/** One reading: a figure, what it is, and a sentence that says what it means. */
export interface ReadingRow {
  readonly id: string;
  readonly name: string;
  /** The word that its name is, where that is explained. */
  readonly term?: TermId;
  readonly figure: string;
  readonly sentence: string;
  /** Whether a drawing unfolds with the rest of the sentence. */
  readonly isDrawn?: boolean;
}

/** Writes a length in the maker's unit. */
export type { LengthWords as Words } from "../../../core/camera/container/index.ts";
