import type { Camera, LengthWords } from "../../camera/container/index.ts";
import type { SheetFormat } from "../../camera/sheet/index.ts";

/** A time to stick on the camera. */
export interface CardTime {
  readonly light: string;
  readonly time: string;
}

/** What the cut sheet is drawn from. */
export interface CutOrder {
  readonly camera: Camera;
  /** Diameter of the hole to make, mm. */
  readonly diameter: number;
  /** Diameters that look the same, mm. */
  readonly band: readonly [low: number, high: number];
  /** Format the sheet is cut from, if it is a catalogued one. */
  readonly format: SheetFormat | null;
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
  /** Outer diameter of the open end as it was measured, mm; `null`: reckoned from the inner size. */
  readonly rim: number | null;
  /** Numbers to make labels for: one camera, a set, or a group. */
  readonly numbers: readonly number[];
}
