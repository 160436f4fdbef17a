import { BlobReader, configure, type FileEntry, ZipReader } from "@zip.js/zip.js/lib/zip-core-native.js";
import { joined } from "../../core/basis/numeric/index.ts";
import { failure, type Result, success } from "../../core/basis/units/index.ts";
import type { Job } from "../protocol.ts";

configure({ useWebWorkers: false, useCompressionStream: true });

/** What a zip may hold: one of a few kilobytes can unpack to more than any memory. */
export interface ZipLimits {
  readonly files: number;
  /** Bytes in all, unpacked. */
  readonly bytes: number;
}

export interface UnpackOrder {
  readonly zip: Blob;
  readonly most: ZipLimits;
}

/** Files by their names; or why not, in words that go on after the zip's name. */
export type Unpacked = Result<Readonly<Record<string, Uint8Array<ArrayBuffer>>>>;

const DAMAGED = "is not a zip file, or it is damaged";

/**
 * Unpacks those files of a zip that an archive has, found by the zip's directory. What comes out is counted as it comes
 * and held against its sum.
 *
 * @source APPNOTE 6.3.10, 4.3 (from memory), by zip.js
 */
export const unpack: Job<UnpackOrder, Unpacked> = async ({ zip, most }, { report, cancelled }) => {
  const stop = new AbortController();
  const files: Record<string, Uint8Array<ArrayBuffer>> = {};
  let size = 0;
  let fault: string | null = null;
  try {
    const entries = await new ZipReader(new BlobReader(zip)).getEntries();
    if (entries.length > most.files) return refused(`holds more than ${most.files} files`);
    const ours = entries.filter((entry): entry is FileEntry => !entry.directory && isOurs(entry.filename));
    const whole = ours.reduce((sum, { uncompressedSize }) => sum + uncompressedSize, 0);
    for (const entry of ours) {
      const pieces: Uint8Array[] = [];
      const take = new WritableStream<Uint8Array>({
        write(piece) {
          size += piece.length;
          if (size > most.bytes) fault = `unpacks to more than ${most.bytes / 2 ** 20} MiB`;
          if (fault !== null || cancelled()) return stop.abort();
          pieces.push(piece);
          report(Math.min(1, size / Math.max(1, whole)));
        },
      });
      await entry.getData(take, { checkSignature: true, signal: stop.signal });
      files[entry.filename] = joined(pieces);
    }
  } catch {
    return refused(fault ?? DAMAGED);
  }
  return { output: success(files), transfer: Object.values(files).map(({ buffer }) => buffer) };
};

function refused(why: string): { readonly output: Unpacked; readonly transfer: [] } {
  return { output: failure(why), transfer: [] };
}

function isOurs(name: string): boolean {
  return name === "archive.json" || name.startsWith("pictures/");
}
