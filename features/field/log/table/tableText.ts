/**
 * The words of a table's file, in whatever letters a spreadsheet wrote it: UTF-8 and UTF-16 by their marks or by what they
 * look like, else Windows-1252, in which every byte is a letter.
 *
 * @source Encoding Standard (WHATWG): BOM sniff, windows-1252; RFC 3629 for what can be UTF-8
 */
export function tableText(bytes: Uint8Array): string {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return new TextDecoder("utf-16le").decode(bytes);
  if (first === 0xfe && second === 0xff) return new TextDecoder("utf-16be").decode(bytes);
  const half = zeros(bytes);
  if (half !== null) return new TextDecoder(half === 1 ? "utf-16le" : "utf-16be").decode(bytes);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return windows1252(bytes);
  }
}

/** What bytes 80 to 9F stand for; others are Unicode's own first 256. Five of them stand for nothing, and stay. */
const HIGH = "€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ";

/** Browsers know these letters by the decoder's name; Node leaves them as they were. */
function windows1252(bytes: Uint8Array): string {
  const text = new TextDecoder("windows-1252").decode(bytes);
  return text.replace(/[\u0080-\u009f]/g, (letter) => HIGH[letter.charCodeAt(0) - 0x80] as string);
}

/** Bytes that are looked at. */
const SAMPLE = 2000;

/** Which half of its pairs of bytes is mostly zero, as plain letters in UTF-16 are; `null`: neither. */
function zeros(bytes: Uint8Array): 0 | 1 | null {
  const pairs = Math.floor(Math.min(SAMPLE, bytes.length) / 2);
  if (pairs < 4) return null;
  const count = [0, 0];
  for (let i = 0; i < 2 * pairs; i++) if (bytes[i] === 0) count[i % 2] = (count[i % 2] as number) + 1;
  const [even = 0, odd = 0] = count;
  if (odd > 0.6 * pairs && even === 0) return 1;
  return even > 0.6 * pairs && odd === 0 ? 0 : null;
}
