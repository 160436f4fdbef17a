import type { SheetResponse } from "../core/light/exposure/index.ts";

/** How sheets are spoken of, by what light does to them. */
export interface ResponseWords {
  /** What comes out of the camera. */
  readonly noun: string;
  /** What a place is that had too much light for it, and one that had too little. */
  readonly tooMuch: string;
  readonly tooLittle: string;
  /** The two ways to look at it. */
  readonly asItLies: string;
  readonly upright: string;
}

export const RESPONSE_WORDS: Readonly<Record<SheetResponse, ResponseWords>> = {
  negative: {
    noun: "negative",
    tooMuch: "black",
    tooLittle: "white",
    asItLies: "As it lies, developed",
    upright: "Positive",
  },
  "direct-positive": {
    noun: "direct positive",
    tooMuch: "white",
    tooLittle: "black",
    asItLies: "As it lies, developed",
    upright: "Right-reading",
  },
  "printing-out": {
    noun: "sheet",
    tooMuch: "brown",
    tooLittle: "white",
    asItLies: "As it lies",
    upright: "Inverted",
  },
};
