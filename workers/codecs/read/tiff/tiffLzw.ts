/** Codes that are no strings: start anew, end. @source TIFF 6.0 (1992), section 13 */
const [CLEAR, END] = [256, 257];
const MOST_CODES = 4096;

/**
 * Unpacks LZW data as TIFF has them: codes of 9 to 12 bits, the highest bit first, widened one code early. A decoder of
 * our own, since that of the package goes round for ever in damaged data.
 *
 * @param most bytes at which it stops, whatever may follow
 * @returns at most so many bytes
 * @throws where a code stands for nothing yet
 * @source TIFF 6.0 (1992), section 13
 */
export function tiffLzw(packed: Uint8Array, most: number): Uint8Array<ArrayBuffer> {
  const out = new Uint8Array(most);
  // Each code is an earlier one with a byte behind it; the first of its bytes and how many they are stand ready.
  const before = new Uint16Array(MOST_CODES);
  const last = new Uint8Array(MOST_CODES);
  const first = new Uint8Array(MOST_CODES);
  const size = new Uint16Array(MOST_CODES);
  for (let code = 0; code < CLEAR; code++) {
    last[code] = code;
    first[code] = code;
    size[code] = 1;
  }
  let [next, width, previous, length, bits, held] = [END + 1, 9, -1, 0, 0, 0];
  let at = 0;
  while (length < most) {
    while (bits < width && at < packed.length) {
      held = ((held << 8) | (packed[at++] as number)) & 0xffffff;
      bits += 8;
    }
    if (bits < width) break;
    bits -= width;
    const code = (held >> bits) & ((1 << width) - 1);
    if (code === END) break;
    if (code === CLEAR) {
      [next, width, previous] = [END + 1, 9, -1];
      continue;
    }
    const known = code < next;
    if (previous === -1 ? code > 255 : code > next) throw new RangeError("a code stands for nothing");
    if (previous !== -1 && next < MOST_CODES) {
      before[next] = previous;
      first[next] = first[previous] as number;
      last[next] = first[known ? code : previous] as number;
      size[next] = (size[previous] as number) + 1;
      next++;
    } else if (!known) throw new RangeError("a code stands for nothing");
    length += write(code, length);
    if (next >= (1 << width) - 1 && width < 12) width++;
    previous = code;
  }
  return out.subarray(0, Math.min(length, most));

  /** Writes the bytes of a code from behind; those beyond the end fall away. */
  function write(code: number, start: number): number {
    const count = size[code] as number;
    for (let i = count - 1, part = code; i >= 0; i--) {
      out[start + i] = last[part] as number;
      part = before[part] as number;
    }
    return count;
  }
}
