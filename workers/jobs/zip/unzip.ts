import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex } from "@noble/hashes/utils.js";
import { BlobReader, BlobWriter, configure, type FileEntry, ZipReader } from "@zip.js/zip.js/lib/zip-core-native.js";
import { joined } from "../../../core/basis/numeric/index.ts";
import { failure, type Result, success } from "../../../core/basis/units/index.ts";
import { type Archive, type ArchivePicture, openArchive } from "../../../core/document/index.ts";
import type { Fault } from "../../../core/light/solve/index.ts";
import { nowAndThen } from "../../transport/nowAndThen.ts";
import type { Job, JobControl } from "../../transport/protocol.ts";

configure({ useWebWorkers: false, useCompressionStream: true });

/** What a zip may hold: one of a few kilobytes can unpack to more than any memory. */
export interface ZipLimits {
  readonly files: number;
  /** Bytes in all, unpacked. */
  readonly bytes: number;
  /** Bytes of one file, unpacked. */
  readonly fileBytes: number;
}

/** Opens a zip and checks all of it, or takes one picture out of the zip that was opened last. */
export type UnzipOrder =
  | { readonly kind: "open"; readonly zip: Blob; readonly most: ZipLimits }
  | { readonly kind: "take"; readonly file: string };

/** What is in an archive, every picture's sum checked; or what is wrong, in words that go on after the zip's name. */
export type Opened = Result<
  { readonly archive: Archive; readonly pictures: readonly (ArchivePicture & { readonly size: number })[] },
  readonly Fault[]
>;

export type Unzipped = Opened | Blob;

const DAMAGED = "is not a zip file, or it is damaged";
/** As it is stored, or deflated: what browsers open. APPNOTE 6.3.10, 4.4.5. */
const METHODS = new Set([0, 8]);
const ARCHIVE = "archive.json";

interface InZip {
  readonly files: ReadonlyMap<string, FileEntry>;
  readonly most: ZipLimits;
}

/**
 * Reads archives: the zip is never held whole, its pictures one at a time. What comes out is counted as it comes and held
 * against its sum. One that was packed anew inside a folder, by whatever program, is read like ours.
 *
 * @source APPNOTE 6.3.10, 4.3 (from memory), by zip.js
 */
export function unzip(): Job<UnzipOrder, Unzipped> {
  let open: InZip | null = null;
  return async (order, control) => {
    if (order.kind === "take") {
      const entry = open?.files.get(order.file);
      if (open === null || entry === undefined) throw new Error(`${order.file} is not in the zip`);
      const writer = new BlobWriter();
      await entry.getData(writer, { checkSignature: true });
      return { output: await writer.getData(), transfer: [] };
    }
    const found = await entriesOf(order.zip, order.most);
    if (typeof found === "string") return refused(found);
    open = { files: found, most: order.most };
    const whole = [...found.values()].reduce((sum, { uncompressedSize }) => sum + uncompressedSize, 0);
    const report = nowAndThen(control.report);
    let size = 0;
    const count = (bytes: number): void => {
      size += bytes;
      if (size > order.most.bytes) throw new Refused(`unpacks to more than ${inMiB(order.most.bytes)} MiB`);
      report(Math.min(1, size / Math.max(1, whole)));
    };
    const read = (entry: FileEntry, take: (piece: Uint8Array) => void) =>
      readOut(entry, order.most.fileBytes, control, (piece) => {
        count(piece.length);
        take(piece);
      });
    const files = new Map(
      [...found].map(([name, entry]) => [
        name,
        {
          entry,
          text: async () => {
            const pieces: Uint8Array[] = [];
            await read(entry, (piece) => pieces.push(piece));
            return new TextDecoder().decode(joined(pieces));
          },
          // Web Crypto would want all of it at once.
          sum: async () => {
            const sum = sha256.create();
            await read(entry, (piece) => sum.update(piece));
            return bytesToHex(sum.digest());
          },
        },
      ]),
    );
    try {
      const opened = await openArchive(files);
      if (!opened.ok) return { output: opened, transfer: [] };
      const pictures = opened.value.pictures.map(({ found: { entry }, ...picture }) => ({
        ...picture,
        size: entry.uncompressedSize,
      }));
      return { output: success({ archive: opened.value.archive, pictures }), transfer: [] };
    } catch (error) {
      return refused(error instanceof Refused ? error.message : DAMAGED);
    }
  };
}

/** Why a zip is not read, in words that go on after its name. */
class Refused extends Error {}

function refused(message: string): { readonly output: Opened; readonly transfer: [] } {
  return { output: failure([{ path: "", message }]), transfer: [] };
}

/** The files of an archive by their names in it; or why there is none. */
async function entriesOf(zip: Blob, most: ZipLimits): Promise<ReadonlyMap<string, FileEntry> | string> {
  const entries = await new ZipReader(new BlobReader(zip)).getEntries().catch(() => null);
  if (entries === null) return DAMAGED;
  if (entries.length > most.files) return `holds more than ${most.files} files`;
  const files = entries.filter((entry): entry is FileEntry => !entry.directory);
  const folder = folderOf(files.map(({ filename }) => filename));
  const ours = files.filter(
    ({ filename }) => filename === `${folder}${ARCHIVE}` || filename.startsWith(`${folder}pictures/`),
  );
  if (ours.some(({ encrypted }) => encrypted)) return "is locked with a password: unpack it, and pack it without one";
  const strange = ours.find(({ compressionMethod }) => !METHODS.has(compressionMethod));
  if (strange !== undefined) {
    return `is packed in a way that browsers don’t open (method ${strange.compressionMethod}): pack it as an ordinary zip`;
  }
  return new Map(ours.map((entry) => [entry.filename.slice(folder.length), entry]));
}

/** The folder in which an archive lies in its zip, with its slash: programs that pack a folder put its name before all. */
function folderOf(names: readonly string[]): string {
  const found = names
    .filter((name) => name === ARCHIVE || (name.endsWith(`/${ARCHIVE}`) && !name.startsWith("__MACOSX/")))
    .sort((a, b) => a.length - b.length);
  return found[0]?.slice(0, -ARCHIVE.length) ?? "";
}

/** Reads one file piece by piece. */
async function readOut(
  entry: FileEntry,
  most: number,
  { cancelled }: JobControl,
  take: (piece: Uint8Array) => void,
): Promise<void> {
  const stop = new AbortController();
  let size = 0;
  let fault: unknown = null;
  const sink = new WritableStream<Uint8Array>({
    write(piece) {
      try {
        size += piece.length;
        if (size > most) throw new Refused(`holds a file of more than ${inMiB(most)} MiB`);
        take(piece);
        if (cancelled()) stop.abort();
      } catch (error) {
        fault = error;
        stop.abort();
      }
    },
  });
  try {
    await entry.getData(sink, { checkSignature: true, signal: stop.signal });
  } catch (error) {
    throw fault ?? error;
  }
}

function inMiB(bytes: number): number {
  return Math.round(bytes / 2 ** 20);
}
