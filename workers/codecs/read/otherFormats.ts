/** A picture file that is none of ours, by its first bytes. */
export interface OtherFormat {
  /** Whether a browser may unpack it all the same. */
  readonly byBrowser: boolean;
  /** Why it is not read, and what to do instead; it goes on after the file's name. */
  readonly words: string;
}

const AS_SCAN = "scan to PNG or TIFF, or save it as one of them";
/** Brands of files that hold a HEIC or an AVIF picture. @source ISO/IEC 23008-12 and the AV1 Image File Format, from memory */
const HEIC = ["heic", "heix", "hevc", "heim", "heis", "mif1", "msf1"];
const AVIF = ["avif", "avis"];

/**
 * What a file is that is neither PNG, JPEG nor an ordinary TIFF.
 *
 * @returns `null` where it is nothing known
 */
export function otherFormat(bytes: Uint8Array): OtherFormat | null {
  const letters = (from: number, to: number): string => String.fromCharCode(...bytes.subarray(from, to));
  if (bytes.length === 0) return said("is empty: nothing was written into it");
  if (letters(0, 4) === "RIFF" && letters(8, 12) === "WEBP") return byBrowser("a WebP picture", "save it as PNG");
  if (letters(4, 8) === "ftyp" && AVIF.includes(letters(8, 12))) return byBrowser("an AVIF picture", "save it as PNG");
  if (letters(4, 8) === "ftyp" && HEIC.includes(letters(8, 12))) {
    return byBrowser(
      "a HEIC picture",
      "on the phone, choose JPEG (“most compatible”) for the camera, or share it as JPEG",
    );
  }
  if (isPdf(bytes)) return said(`is a PDF: ${AS_SCAN}`);
  if (letters(0, 3) === "GIF" || letters(0, 2) === "BM") return said("is a GIF or a BMP: save it as PNG");
  if (/^(II\x2b\0|MM\0\x2b)/.test(letters(0, 4))) {
    return said("is a BigTIFF, made for files above 4 GB: save it as an ordinary TIFF, or as PNG");
  }
  return null;
}

/** Whether a file is a PDF, by its first letters. @source ISO 32000-1:2008, 7.5.2 */
export function isPdf(bytes: Uint8Array): boolean {
  return String.fromCharCode(...bytes.subarray(0, 5)) === "%PDF-";
}

function said(words: string): OtherFormat {
  return { byBrowser: false, words };
}

function byBrowser(what: string, instead: string): OtherFormat {
  return { byBrowser: true, words: `is ${what}, which can’t be read here: ${instead}` };
}
