import type { Result } from "../../core/basis/units/index.ts";
import { type PictureRow, type StillBoxDb, theDb } from "../engine/db.ts";
import { attempt, type StorageFailure } from "../engine/failure.ts";
import { sha256 } from "./sha256.ts";

/** Keeps a picture as it was given, byte for byte; one that is there already is not kept twice. @returns its SHA-256 */
export function savePicture(file: File, db: StillBoxDb = theDb()): Promise<Result<string, StorageFailure>> {
  return attempt(async () => {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const sum = await sha256(bytes);
    await db.pictures.put({ sha256: sum, name: file.name, type: file.type, bytes: new Blob([bytes]) });
    return sum;
  });
}

/** A picture's bytes as they were imported, or `null` where it is not here. */
export async function readPicture(sum: string, db: StillBoxDb = theDb()): Promise<Uint8Array<ArrayBuffer> | null> {
  const row = await db.pictures.get(sum);
  return row === undefined ? null : new Uint8Array(await contentOf(row).arrayBuffer());
}

/** A picture as the file it came as, to be taken in once more elsewhere, or `null` where it is not here. */
export async function pictureFile(sum: string, db: StillBoxDb = theDb()): Promise<File | null> {
  const row = await db.pictures.get(sum);
  return row === undefined ? null : new File([contentOf(row)], row.name, { type: row.type });
}

/** A stored picture's content, whichever version stored it. */
export function contentOf({ bytes }: PictureRow): Blob {
  return "arrayBuffer" in bytes ? bytes : new Blob([bytes]);
}
