import type { Mark } from "../drawing/index.ts";

/** One part at true size: marks in mm with the part's own top left corner at (0, 0). */
export interface Part {
  readonly id: string;
  readonly name: string;
  readonly width: number;
  readonly height: number;
  readonly marks: readonly Mark[];
}
