/** Bytes of a PNG up to the end of its header chunk: signature and IHDR. */
const HEADER_END = 33;

/**
 * A PNG that says how large it is: the same file with a chunk pHYs (pixels per metre) behind its header.
 *
 * @param png a PNG without pHYs
 * @param pitch pixel pitch, mm
 * @source PNG specification (Third Edition), 11.3.4.3 pHYs; CRC-32 of its annex D
 */
export function withPhysicalSize(png: Uint8Array, pitch: number): Uint8Array<ArrayBuffer> {
  const perMetre = Math.round(1000 / pitch);
  const chunk = new Uint8Array(21);
  const view = new DataView(chunk.buffer);
  view.setUint32(0, 9);
  chunk.set([0x70, 0x48, 0x59, 0x73], 4);
  view.setUint32(8, perMetre);
  view.setUint32(12, perMetre);
  chunk[16] = 1;
  view.setUint32(17, crc(chunk.subarray(4, 17)));
  const whole = new Uint8Array(png.length + chunk.length);
  whole.set(png.subarray(0, HEADER_END));
  whole.set(chunk, HEADER_END);
  whole.set(png.subarray(HEADER_END), HEADER_END + chunk.length);
  return whole;
}

function crc(bytes: Uint8Array): number {
  let value = 0xffffffff;
  for (const byte of bytes) {
    value ^= byte;
    for (let bit = 0; bit < 8; bit++) value = value & 1 ? (value >>> 1) ^ 0xedb88320 : value >>> 1;
  }
  return ~value >>> 0;
}
