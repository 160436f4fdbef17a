import { ADVANCES } from "./generated/advances.js";
import type { LabelMark, Rectangle } from "./scene.ts";
import type { Layer } from "./tokens.ts";

/** From the middle of the letters to their highest and lowest points, as shares of the type's height; of both faces, rounded up. */
const ABOVE = 0.42;
const BELOW = 0.58;

/**
 * How wide words are set, mm.
 *
 * @param size height of the type, mm
 * @param layer `stamp` is set in the narrow face
 * @source the advance widths of the faces that ship with the app
 * @example textWidth("TOP", 10, "label") // about 18
 */
export function textWidth(text: string, size: number, layer: Layer): number {
  const advances = ADVANCES[layer === "stamp" ? "stamp" : "plain"];
  let sum = 0;
  for (const letter of text) sum += advances[letter] ?? (advances.M as number);
  return sum * size;
}

/**
 * What a label covers, mm.
 *
 * @returns a rectangle along the axes; `turn` must be a quarter turn or none
 * @example labelBox(label("TOP", { x: 0, y: 0 }, 10)).height // 10
 */
export function labelBox({ at, text, size, anchor, turn = 0, layer }: LabelMark): Rectangle {
  const wide = textWidth(text, size, layer);
  const before = anchor === "start" ? 0 : anchor === "middle" ? wide / 2 : wide;
  const [left, right, up, down] = [-before, wide - before, -ABOVE * size, BELOW * size];
  const quarters = (((Math.round(turn / 90) % 4) + 4) % 4) as 0 | 1 | 2 | 3;
  // Turned to the left, what ran to the right runs up.
  const sides = [
    [left, right, up, down],
    [up, down, -right, -left],
    [-right, -left, -down, -up],
    [-down, -up, left, right],
  ] as const;
  const [x0, x1, y0, y1] = sides[quarters];
  return { x: at.x + x0, y: at.y + y0, width: x1 - x0, height: y1 - y0 };
}

/**
 * Words cut off with … where they are wider than they may be.
 *
 * @param most mm
 * @example fitted("Biscuit tin", 3, 8, "label") // "Bisc…"
 */
export function fitted(text: string, size: number, most: number, layer: Layer): string {
  if (textWidth(text, size, layer) <= most) return text;
  const letters = [...text];
  while (letters.length > 0 && textWidth(`${letters.join("").trimEnd()}…`, size, layer) > most) letters.pop();
  return `${letters.join("").trimEnd()}…`;
}

/**
 * Words broken into lines no wider than a width; a word that is wider alone stands in a line of its own.
 *
 * @param width mm
 * @example brokenLines("cut an opening", 3, 12, "label") // ["cut an", "opening"]
 */
export function brokenLines(words: string, size: number, width: number, layer: Layer): readonly string[] {
  const lines: string[] = [];
  let current = "";
  for (const word of words.split(" ")) {
    const longer = current === "" ? word : `${current} ${word}`;
    if (current !== "" && textWidth(longer, size, layer) > width) {
      lines.push(current);
      current = word;
    } else current = longer;
  }
  return [...lines, current];
}
