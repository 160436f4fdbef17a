/** What a picture may show that is no part of the scene: a closed set; words and mends stand in the catalogue. */
export type FaultCode =
  | "all-black"
  | "all-white"
  | "leak"
  | "bar"
  | "covered"
  | "doubled"
  | "soft"
  | "finger"
  | "scratch";

/** A place of the upright picture, shares of its width and height from the upper left. */
export interface FaultPlace {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** A fault that a picture may have: pointed out, not asserted. */
export interface FoundFault {
  readonly code: FaultCode;
  readonly at: FaultPlace;
  /** What was measured, where that says more than the place: mm, or how many times too wide. */
  readonly measured?: number;
}

/** The whole picture. */
export const EVERYWHERE: FaultPlace = { left: 0, top: 0, right: 1, bottom: 1 };
