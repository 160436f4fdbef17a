import { BlobReader, BlobWriter, configure, ZipWriter } from "@zip.js/zip.js/lib/zip-core-native.js";
import type { Job } from "../protocol.ts";

// It is a worker of ours already, and the policy allows none from addresses made up on the way.
configure({ useWebWorkers: false, useCompressionStream: true });

/** A file on its way into a zip. */
export interface FileToPack {
  readonly name: string;
  readonly content: Blob;
  /** Whether it is packed already (PNG, JPEG): it is stored as it is. */
  readonly packed: boolean;
}

export interface PackOrder {
  readonly files: readonly FileToPack[];
  /** The time that the files are given, ISO 8601. */
  readonly at: string;
}

/**
 * Files as one zip, piece by piece: neither a file nor the zip is held whole in this worker's memory.
 *
 * @source APPNOTE 6.3.10, 4.3 (from memory), by zip.js
 */
export const pack: Job<PackOrder, Blob> = async ({ files, at }, { report, cancelled }) => {
  const whole = files.reduce((sum, { content }) => sum + content.size, 0);
  const stop = new AbortController();
  const writer = new ZipWriter(new BlobWriter("application/zip"), {
    lastModDate: new Date(at),
    extendedTimestamp: false,
    signal: stop.signal,
  });
  let done = 0;
  for (const { name, content, packed } of files) {
    await writer.add(name, new BlobReader(content), {
      level: packed ? 0 : 6,
      onprogress: async (bytes) => {
        if (cancelled()) stop.abort();
        report(whole === 0 ? 1 : (done + bytes) / whole);
      },
    });
    done += content.size;
  }
  return { output: await writer.close(), transfer: [] };
};
