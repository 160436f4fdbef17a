/// <reference lib="webworker" />
import type { Rgba } from "./grey.ts";
import type { Decoders } from "./readScan.ts";

/** The browser unpacks JPEGs itself, many times quicker than plain code; they are set upright with all others, afterwards. */
function jpeg(bytes: Uint8Array<ArrayBuffer>): Promise<Rgba> {
  return drawn(bytes, { colorSpaceConversion: "none", imageOrientation: "none" });
}

/** Other formats it sets upright and into sRGB itself. */
function elsewhere(bytes: Uint8Array<ArrayBuffer>): Promise<Rgba> {
  return drawn(bytes, {});
}

async function drawn(bytes: Uint8Array<ArrayBuffer>, how: ImageBitmapOptions): Promise<Rgba> {
  const bitmap = await createImageBitmap(new Blob([bytes]), how);
  const context = new OffscreenCanvas(bitmap.width, bitmap.height).getContext("2d", { willReadFrequently: true });
  if (context === null) throw new Error("no room to unpack the picture");
  context.drawImage(bitmap, 0, 0);
  return context.getImageData(0, 0, bitmap.width, bitmap.height);
}

/** So it does what PNGs are packed with. */
async function inflate(zlib: Uint8Array<ArrayBuffer>, most: number): Promise<Uint8Array> {
  const stream = new DecompressionStream("deflate");
  const writer = stream.writable.getWriter();
  // What fails in writing fails in reading too, where it is waited for.
  writer.write(zlib).catch(() => undefined);
  writer.close().catch(() => undefined);
  const reader = stream.readable.getReader();
  const whole = new Uint8Array(most);
  for (let length = 0; ; ) {
    const { done, value } = await reader.read();
    if (done) return whole.subarray(0, length);
    whole.set(value, length);
    length += value.length;
  }
}

/** What the browser can do quicker than plain code. */
export const browserDecoders: Decoders = {
  jpeg,
  inflate,
  elsewhere,
  pdf: async () => (await import("./pdf/readPdf.ts")).pdfFiles.read,
};
