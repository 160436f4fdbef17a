import { luminanceOf } from "../../../../core/basis/pictureValues/index.ts";
import type { PhonePicture } from "../../../../core/viewfinder/index.ts";

/** Longer side of what is gathered from: a hole draws no more, px. */
const GATHERED = 240;

let canvas: OffscreenCanvas | null = null;

/** What an image shows as linear light, made small; `null`: the browser gives no room for it. */
export function readPictureOf(image: CanvasImageSource, wide: number, high: number): PhonePicture | null {
  const scale = Math.min(1, GATHERED / Math.max(wide, high));
  const [width, height] = [Math.max(1, Math.round(wide * scale)), Math.max(1, Math.round(high * scale))];
  // One canvas is used again and again: several pictures a second are read.
  if (canvas === null || canvas.width !== width || canvas.height !== height)
    canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext("2d", { willReadFrequently: true });
  if (context === null) return null;
  context.drawImage(image, 0, 0, width, height);
  return { width, height, luminance: luminanceOf(context.getImageData(0, 0, width, height).data) };
}
