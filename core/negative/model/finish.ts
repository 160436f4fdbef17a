import type { SheetPlace } from "../../light/rays/index.ts";

/** A round place of a sheet that is filled from around it: mm. */
export interface FilledSpot extends SheetPlace {
  readonly radius: number;
}

/** Shares of a picture's width and height that are cut off. */
export interface Crop {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** What is done to a positive when its tones are right. */
export interface Finish {
  /** Colour of its silver. */
  readonly tint?: TintId | undefined;
  /** Whether left and right change places: a direct positive as it lies in the hand. */
  readonly mirrored?: boolean | undefined;
  /** Degrees clockwise. */
  readonly turn?: number | undefined;
  readonly crop?: Crop | undefined;
  /** Whether a border with the camera's name goes round it. */
  readonly border?: boolean | undefined;
  readonly spots?: readonly FilledSpot[] | undefined;
  /** Stops added to red, green and blue of a trail. */
  readonly balance?: readonly [red: number, green: number, blue: number] | undefined;
}

export type TintId = "neutral" | "warm" | "blue";

/**
 * Colours of silver: by how much red and blue lie off the grey, as a share of it, where tones are in the middle. Ends stay
 * black and white. Common practice: a warm paper leans to brown, a blue-toned one to blue.
 */
export const TINTS: Readonly<Record<TintId, readonly [red: number, green: number, blue: number]>> = {
  neutral: [0, 0, 0],
  warm: [0.09, 0.01, -0.1],
  blue: [-0.1, -0.02, 0.1],
};

/**
 * A grey in the colour of a tint.
 *
 * @param grey share of white in an sRGB picture, 0 to 1
 * @returns red, green and blue, 0 to 1
 * @example tinted("neutral", 0.5).join() // "0.5,0.5,0.5"
 */
export function tinted(tint: TintId, grey: number): readonly [red: number, green: number, blue: number] {
  const middle = 4 * grey * (1 - grey);
  return TINTS[tint].map((lean) => Math.min(1, Math.max(0, grey + lean * middle * 0.5))) as unknown as [
    number,
    number,
    number,
  ];
}
