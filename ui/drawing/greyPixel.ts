/** A grey of 0 to 255 as a pixel of an ImageData's memory, read as 32 bits: nothing shines through it. */
export function greyPixel(byte: number): number {
  return 0xff000000 | (byte * 0x010101);
}
