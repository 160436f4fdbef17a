import { type AnaglyphWay, anaglyph, type EyePicture } from "../../../core/negative/index.ts";
import type { Eyes } from "./useEyes.ts";

/** Ways to look at a pair. */
export type PairWay = "anaglyph" | "half" | "parallel" | "crossed" | "moving";

/** Both pictures cut to what both have, the right one moved so that the near plane falls on the window. */
export function windowed({ left, right }: Eyes, shift: number): readonly [EyePicture, EyePicture] {
  const moved = shifted(right, Math.round(shift));
  let [first, last] = [left.width, 0];
  let [top, bottom] = [left.height, 0];
  for (let y = 0; y < left.height; y++) {
    for (let x = 0; x < left.width; x++) {
      const at = y * left.width + x;
      if (left.opacity[at] === 0 || moved.opacity[at] === 0) continue;
      first = Math.min(first, x);
      last = Math.max(last, x + 1);
      top = Math.min(top, y);
      bottom = Math.max(bottom, y + 1);
    }
  }
  if (last <= first) return [left, moved];
  return [cut(left, first, top, last, bottom), cut(moved, first, top, last, bottom)];
}

function shifted(eye: EyePicture, by: number): EyePicture {
  const { width, height } = eye;
  const [grey, opacity] = [new Uint8Array(width * height), new Uint8Array(width * height)];
  for (let y = 0; y < height; y++) {
    for (let x = Math.max(0, by); x < Math.min(width, width + by); x++) {
      grey[y * width + x] = eye.grey[y * width + x - by] as number;
      opacity[y * width + x] = eye.opacity[y * width + x - by] as number;
    }
  }
  return { width, height, grey, opacity };
}

function cut(eye: EyePicture, left: number, top: number, right: number, bottom: number): EyePicture {
  const [width, height] = [right - left, bottom - top];
  const [grey, opacity] = [new Uint8Array(width * height), new Uint8Array(width * height)];
  for (let y = 0; y < height; y++) {
    const from = (top + y) * eye.width + left;
    grey.set(eye.grey.subarray(from, from + width), y * width);
    opacity.set(eye.opacity.subarray(from, from + width), y * width);
  }
  return { width, height, grey, opacity };
}

/** White between two pictures side by side, as a share of one's width. */
const BETWEEN = 0.03;

/** A pair as one still picture. */
export function pairImage([left, right]: readonly [EyePicture, EyePicture], way: PairWay): ImageData {
  if (way === "anaglyph" || way === "half") {
    const colours: AnaglyphWay = way === "half" ? "half" : "grey";
    return new ImageData(anaglyph(left, right, 0, colours), left.width, left.height);
  }
  if (way === "moving") return imageOf(left);
  const [one, other] = way === "parallel" ? [left, right] : [right, left];
  const gap = Math.round(BETWEEN * left.width);
  const image = new ImageData(2 * left.width + gap, left.height);
  for (const [index, eye] of [one, other].entries()) {
    const own = imageOf(eye);
    for (let y = 0; y < eye.height; y++) {
      const row = own.data.subarray(4 * y * eye.width, 4 * (y + 1) * eye.width);
      image.data.set(row, 4 * (y * image.width + index * (left.width + gap)));
    }
  }
  return image;
}

/** One eye's picture. */
export function imageOf({ width, height, grey, opacity }: EyePicture): ImageData {
  const image = new ImageData(width, height);
  for (let i = 0; i < grey.length; i++) {
    const value = grey[i] as number;
    image.data.set([value, value, value, opacity[i] as number], 4 * i);
  }
  return image;
}
