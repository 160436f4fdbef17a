/** One reading: a figure, what it is, and a sentence that says what it means. */
export interface ReadingRow {
  readonly id: string;
  readonly name: string;
  readonly figure: string;
  readonly sentence: string;
}

/** Writes a length in the maker's unit. */
export type { LengthWords as Words } from "../../../core/camera/container/index.ts";
