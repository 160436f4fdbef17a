import type { BuildPlan, LengthWords } from "../plan/index.ts";

/** A time to stick on the camera. */
export interface CardTime {
  readonly light: string;
  readonly time: string;
}

/** What the cut sheet is drawn from. */
export interface CutOrder {
  readonly plan: BuildPlan;
  /** Writes a length as the maker reads it. */
  readonly words: LengthWords;
  /** f-number as it is written. */
  readonly fNumber: string;
  /** Name and speed of what it is loaded with. */
  readonly medium: string;
  /** Times by light, brightest first. */
  readonly times: readonly CardTime[];
  /** The camera's link as a QR code, row by row, dark where true; `null`: none. */
  readonly code: readonly (readonly boolean[])[] | null;
  /** Numbers to make labels for: one camera, a set, or a group. */
  readonly numbers: readonly number[];
}
