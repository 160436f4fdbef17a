import { Unzip, type UnzipFile, UnzipInflate } from "fflate";
import { joined } from "../core/basis/numeric/index.ts";
import { failure, type Result, success } from "../core/basis/units/index.ts";

/** What an archive may hold: a zip of a few kilobytes can unpack to more than any memory. */
const MOST = { files: 20_000, bytes: 2 ** 30 };
/** Packed bytes unpacked at a time; at most 1032 times as many come out before they are counted. */
const STEP = 64 * 1024;

const DAMAGED = "is not a zip file, or it is damaged";

/**
 * Unpacks those files of a zip that an archive has; what comes out is counted as it comes.
 *
 * @param most files and bytes in all, unpacked
 * @returns the files by their names, or why not
 * @source APPNOTE 6.3.10, 4.3 (from memory)
 */
export async function unzipped(bytes: Uint8Array, most = MOST): Promise<Result<Readonly<Record<string, Uint8Array>>>> {
  const parts = new Map<string, Uint8Array[]>();
  const open = new Set<string>();
  let [files, size, fault] = [0, 0, null as string | null];
  const take = (file: UnzipFile): void => {
    if (++files > most.files) fault ??= `holds more than ${most.files} files`;
    if (fault !== null || !isOurs(file.name)) return;
    const pieces: Uint8Array[] = [];
    parts.set(file.name, pieces);
    open.add(file.name);
    file.ondata = (error, piece, final) => {
      if (error) {
        fault ??= DAMAGED;
        return;
      }
      size += piece.length;
      if (size > most.bytes) fault ??= `unpacks to more than ${most.bytes / 2 ** 20} MiB`;
      if (fault === null) pieces.push(piece);
      if (final) open.delete(file.name);
    };
    file.start();
  };
  const zip = new Unzip(take);
  zip.register(UnzipInflate);
  try {
    for (let at = 0; at < bytes.length && fault === null; at += STEP) {
      zip.push(bytes.subarray(at, at + STEP), at + STEP >= bytes.length);
    }
  } catch {
    fault ??= DAMAGED;
  }
  if (files === 0 || open.size > 0) fault ??= DAMAGED;
  if (fault !== null) return failure(fault);
  return success(Object.fromEntries([...parts].map(([name, pieces]) => [name, joined(pieces)])));
}

function isOurs(name: string): boolean {
  return name === "archive.json" || name.startsWith("pictures/");
}
