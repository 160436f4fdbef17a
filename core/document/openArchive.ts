import { failure, type Result, success } from "../basis/units/index.ts";
import type { Fault } from "../light/solve/index.ts";
import { type Archive, type ArchivePicture, parseArchive } from "./archive.ts";
import { readJson } from "./readJson.ts";

/** A file of an archive that is looked into only when it is asked for. */
export interface FileInArchive {
  readonly text: () => Promise<string>;
  /** SHA-256 of its bytes, lower-case hexadecimal. */
  readonly sum: () => Promise<string>;
}

/** An archive as read and checked, with the file of each of its pictures. */
export interface OpenedArchive<F> {
  readonly archive: Archive;
  readonly pictures: readonly (ArchivePicture & { readonly found: F })[];
}

/**
 * Reads the files of an archive and checks all of it: every record against its schema, every picture against its sum.
 *
 * @param files by their names in the archive
 * @returns the archive, or every fault of its records, or the first of its pictures
 */
export async function openArchive<F extends FileInArchive>(
  files: ReadonlyMap<string, F>,
): Promise<Result<OpenedArchive<F>, readonly Fault[]>> {
  const json = files.get("archive.json");
  if (json === undefined) return refuse("/archive.json", "is missing in the zip");
  const data = readJson(await json.text());
  if (!data.ok) return failure(data.error.map(({ path, message }) => ({ path: `/archive.json${path}`, message })));
  const parsed = parseArchive(data.value);
  if (!parsed.ok) return parsed;
  const pictures: (ArchivePicture & { readonly found: F })[] = [];
  for (const [index, entry] of (parsed.value.pictures ?? []).entries()) {
    const path = `/pictures/${index}/file`;
    const found = files.get(entry.file);
    if (found === undefined) return refuse(path, `${entry.file} is missing in the zip`);
    if ((await found.sum()) !== entry.sha256) return refuse(path, `${entry.file} is damaged: its SHA-256 differs`);
    pictures.push({ ...entry, found });
  }
  return success({ archive: parsed.value, pictures });
}

function refuse(path: string, message: string): Result<never, readonly Fault[]> {
  return failure([{ path, message }]);
}
