import type { EyePicture } from "../../../core/negative/index.ts";

/** How long each eye's picture stands, ms: in the file as on the screen. */
export const STANDS = 220;
const GREYS: readonly (readonly number[])[] = Array.from({ length: 256 }, (_, value) => [value, value, value]);

/** A GIF that goes to and fro between two eyes' pictures: depth without glasses. */
export async function movingPair(left: EyePicture, right: EyePicture): Promise<Uint8Array<ArrayBuffer>> {
  // Not until it is wanted; Node reads this package in another way than browsers do.
  const { GIFEncoder } = await import("gifenc");
  const gif = GIFEncoder();
  for (const [index, eye] of [left, right].entries()) {
    const first = index === 0 ? { palette: GREYS, repeat: 0 } : { palette: GREYS };
    gif.writeFrame(eye.grey, eye.width, eye.height, { ...first, delay: STANDS });
  }
  gif.finish();
  return gif.bytes();
}
