import { BlobReader, BlobWriter, configure, ZipWriter } from "@zip.js/zip.js/lib/zip-core-native.js";
import { nowAndThen } from "../../transport/nowAndThen.ts";
import type { Job } from "../../transport/protocol.ts";
import { placeOnDisk } from "./placeOnDisk.ts";

// It is a worker of ours already, and the policy allows none from addresses made up on the way.
configure({ useWebWorkers: false, useCompressionStream: true });

/** A file on its way into a zip. */
export interface FileToPack {
  readonly content: Blob;
  /** Whether it is packed already (PNG, JPEG): it is stored as it is. */
  readonly packed: boolean;
}

export interface PackOrder {
  readonly names: readonly string[];
  /** Where files are asked for, one by one, by their places among the names: see `packFiles`. */
  readonly from: MessagePort;
  /** The time that the files are given, ISO 8601. */
  readonly at: string;
}

/**
 * Files as one zip, one by one: neither all files nor the zip are held in memory where the browser lets us write to its
 * disk.
 *
 * @source APPNOTE 6.3.10, 4.3 (from memory), by zip.js
 */
export const pack: Job<PackOrder, Blob> = async ({ names, from, at }, { report, cancelled }) => {
  const stop = new AbortController();
  const told = nowAndThen(report);
  const place = await placeOnDisk();
  const blob = place === null ? new BlobWriter("application/zip") : null;
  const writer = new ZipWriter(place?.stream ?? (blob as BlobWriter), {
    lastModDate: new Date(at),
    extendedTimestamp: false,
    signal: stop.signal,
  });
  try {
    for (const [done, name] of names.entries()) {
      if (cancelled()) stop.abort();
      const { content, packed } = await asked(from, done);
      await writer.add(name, new BlobReader(content), {
        level: packed ? 0 : 6,
        onprogress: async (now, whole) => {
          if (cancelled()) stop.abort();
          told((done + (whole === 0 ? 1 : now / whole)) / names.length);
        },
      });
    }
    const closed = await writer.close();
    return { output: place === null ? (closed as Blob) : await place.file(), transfer: [] };
  } catch (error) {
    await place?.drop();
    throw error;
  } finally {
    from.close();
  }
};

/** Asks for a file by its place. */
function asked(from: MessagePort, index: number): Promise<FileToPack> {
  return new Promise((resolve, reject) => {
    const heard = ({ data }: MessageEvent<FileToPack | { readonly failed: string }>): void => {
      from.removeEventListener("message", heard);
      if ("failed" in data) reject(new Error(data.failed));
      else resolve(data);
    };
    from.addEventListener("message", heard);
    from.start();
    from.postMessage(index);
  });
}
