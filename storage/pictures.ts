import type { Result } from "../core/basis/units/index.ts";
import { type StillBoxDb, theDb } from "./db.ts";
import { attempt, type StorageFailure } from "./failure.ts";
import { sha256 } from "./sha256.ts";

/** Keeps a picture as it was given, byte for byte; one that is there already is not kept twice. @returns its SHA-256 */
export function savePicture(file: File, db: StillBoxDb = theDb()): Promise<Result<string, StorageFailure>> {
  return attempt(async () => {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const sum = await sha256(bytes);
    await db.pictures.put({ sha256: sum, name: file.name, type: file.type, bytes });
    return sum;
  });
}
