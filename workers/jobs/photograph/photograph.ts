import { luminanceOf } from "../../../core/basis/pictureValues/index.ts";
import { type PhotographTaken, readPhotograph } from "../../codecs/read/readPhotograph.ts";
import type { Job } from "../../transport/protocol.ts";

/** A photograph as a light meter: how it was taken, and its linear light. */
export interface Photograph {
  readonly taken: PhotographTaken;
  readonly width: number;
  readonly height: number;
  /** Linear luminance, 0 to 1, rows from the top, the right way up. */
  readonly luminance: Float32Array<ArrayBuffer>;
}

/** Longer side of what is kept: spots are the mean of some hundredths of it. */
const KEPT = 640;

/** What it answers: a photograph, or in words why it is none. */
export type PhotographAnswer = { readonly photograph: Photograph } | { readonly refused: string };

/** Reads a photograph’s file; the browser unpacks the picture, made smaller on the way. */
export const photograph: Job<File, PhotographAnswer> = async (file) => {
  const taken = readPhotograph(new Uint8Array(await file.arrayBuffer()));
  if (!taken.ok) return { output: { refused: taken.error }, transfer: [] };
  const whole = await createImageBitmap(file).catch(() => null);
  if (whole === null) return { output: { refused: "The picture in this file can’t be unpacked." }, transfer: [] };
  const scale = Math.min(1, KEPT / Math.max(whole.width, whole.height));
  const [width, height] = [Math.max(1, Math.round(whole.width * scale)), Math.max(1, Math.round(whole.height * scale))];
  const context = new OffscreenCanvas(width, height).getContext("2d", { willReadFrequently: true });
  if (context === null) return { output: { refused: "The browser gives no room to read this picture." }, transfer: [] };
  context.imageSmoothingQuality = "medium";
  context.drawImage(whole, 0, 0, width, height);
  whole.close();
  const luminance = luminanceOf(context.getImageData(0, 0, width, height).data);
  return { output: { photograph: { taken: taken.value, width, height, luminance } }, transfer: [luminance.buffer] };
};
