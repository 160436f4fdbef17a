import { luminanceOf } from "../../../core/basis/pictureValues/index.ts";
import { failure, type Result, success } from "../../../core/basis/units/index.ts";
import type { ScenePicture } from "../../../core/bench/preview/index.ts";

/** Larger photographs are taken in at this many pixels on the longer side: the hole draws no more. */
const LONGEST_SIDE = 1600;

/** A photograph as linear light, from a file the browser can show. */
export async function readPicture(file: File): Promise<Result<ScenePicture>> {
  const bitmap = await createImageBitmap(file).catch(() => null);
  if (bitmap === null)
    return failure("This file is no picture that the browser can read; JPEG, PNG and WebP can be read.");
  const scale = Math.min(1, LONGEST_SIDE / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext("2d");
  if (context === null) return failure("The browser gives no room to read a picture of this size.");
  context.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const luminance = luminanceOf(context.getImageData(0, 0, width, height).data);
  return success({ width, height, luminance, across: 60, distance: Number.POSITIVE_INFINITY });
}
