import { toSrgb } from "../../core/basis/pictureValues/index.ts";
import type { DevelopedPreview } from "../../core/bench/preview/index.ts";
import { printedColour } from "../../core/light/exposure/index.ts";

const SHADES = 256;
/** Red, green and blue of a sheet that printed out, from blank to as dark as it gets, 0 to 255. */
const PAPER = Array.from({ length: SHADES }, (_, i) =>
  printedColour(i / (SHADES - 1)).map((light) => 255 * toSrgb(light)),
);
const BLANK = PAPER[0] as readonly number[];
const DEEPEST = Math.max(...BLANK.map((value, k) => value - ((PAPER.at(-1) as readonly number[])[k] as number)));
const INVERTED = PAPER.map((colour) => colour.map((value, k) => (255 * ((BLANK[k] as number) - value)) / DEEPEST));
const GREYS = PAPER.map((_, i) => [i, i, i]);

/** The colours of a picture's bytes, 0 to 255: greys of silver; of a sheet that printed out, its own, or its scan's inverted. */
export function toneColours(
  tone: DevelopedPreview["tone"],
  side: "negative" | "positive",
): readonly (readonly number[])[] {
  if (tone === "silver") return GREYS;
  return side === "negative" ? PAPER.toReversed() : INVERTED;
}

/** The same as pixels of an ImageData's memory, read as 32 bits: nothing shines through. */
export function tonePixels(tone: DevelopedPreview["tone"], side: "negative" | "positive"): Uint32Array {
  return Uint32Array.from(
    toneColours(tone, side),
    ([red = 0, green = 0, blue = 0]) =>
      (0xff000000 | (Math.round(blue) << 16) | (Math.round(green) << 8) | Math.round(red)) >>> 0,
  );
}
