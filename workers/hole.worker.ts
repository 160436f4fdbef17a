/// <reference lib="webworker" />
import { holeJob } from "./hole.ts";
import type { Rgba } from "./readScan.ts";
import { serve } from "./serve.ts";

/** The browser unpacks JPEGs itself, many times quicker than plain code. */
async function browserJpeg(bytes: Uint8Array<ArrayBuffer>): Promise<Rgba> {
  const bitmap = await createImageBitmap(new Blob([bytes]), { colorSpaceConversion: "none" });
  const context = new OffscreenCanvas(bitmap.width, bitmap.height).getContext("2d", { willReadFrequently: true });
  if (context === null) throw new Error("no room to unpack the picture");
  context.drawImage(bitmap, 0, 0);
  return context.getImageData(0, 0, bitmap.width, bitmap.height);
}

serve(self as unknown as DedicatedWorkerGlobalScope, holeJob(browserJpeg));
