import type { BuildPlan, LengthWords } from "../plan/index.ts";

/** A time to stick on the camera. */
export interface CardTime {
  readonly light: string;
  readonly time: string;
}

/** What a meter's time at an f-number of its own comes to with this camera. */
export interface MeterTable {
  /** What the meter is set to. */
  readonly fNumber: string;
  readonly iso: string;
  /** How many times its time, before what a long time adds. */
  readonly factor: string;
  /** The meter's times, shortest first, and the camera's with what the medium loses in long times. */
  readonly rows: readonly { readonly meter: string; readonly time: string }[];
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
  readonly metered: MeterTable;
  /** Judged shots of this camera that the times have learnt from. */
  readonly taughtBy: number;
  /** The camera's link as a QR code, row by row, dark where true; `null`: none. */
  readonly code: readonly (readonly boolean[])[] | null;
  /** Numbers to make labels for: one camera, a set, or a group. */
  readonly numbers: readonly number[];
}
