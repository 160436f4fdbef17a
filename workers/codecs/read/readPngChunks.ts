/** One part of a PNG: its name, its data, and the whole of it with length, name and check sum. */
export interface PngChunk {
  readonly name: string;
  readonly data: Uint8Array<ArrayBuffer>;
  readonly whole: Uint8Array<ArrayBuffer>;
}

/**
 * The parts of a PNG in their order, up to its end or to where it breaks off: one that says it is longer than the file
 * ends the walk.
 *
 * @source PNG specification (Third Edition), 5.3
 */
export function* pngChunks(png: Uint8Array<ArrayBuffer>): Generator<PngChunk> {
  const view = new DataView(png.buffer, png.byteOffset, png.byteLength);
  for (let at = 8; at + 12 <= png.length; ) {
    const length = view.getUint32(at);
    const end = at + 12 + length;
    if (end > png.length) return;
    const name = String.fromCharCode(...png.subarray(at + 4, at + 8));
    yield { name, data: png.subarray(at + 8, at + 8 + length), whole: png.subarray(at, end) };
    at = end;
  }
}
