import { failure, type Result, success } from "../basis/units/index.ts";
import type { Camera } from "../camera/container/index.ts";
import type { Fault } from "../light/solve/index.ts";
import { KEPT_COLLECTIONS, type KeptCollection, type KeptRecord } from "./collections.ts";
import type { Exposure } from "./exposure.ts";
import { schemaFaults } from "./faults.ts";
import { archiveSchema } from "./generated/archive.js";
import { RECORDS, type Records, recordFaults } from "./records.ts";
import { cameraFaults } from "./requests/parseCamera.ts";
import { migrate, type VersionedFormat } from "./version.ts";

/** `still-box/archive`, all of a maker's data. */
export const ARCHIVE_FORMAT: VersionedFormat = { format: "still-box/archive", current: 1, migrations: {} };

/** A picture in the archive: where its bytes lie in the zip and their SHA-256. */
export interface ArchivePicture {
  readonly file: string;
  readonly sha256: string;
  readonly name?: string;
  readonly type?: string;
}

/** `archive.json`. */
export interface Archive extends Readonly<Partial<Record<KeptCollection, readonly KeptRecord[]>>> {
  readonly format: string;
  readonly version: number;
  readonly exportedAt?: string;
  readonly cameras?: readonly Camera[];
  readonly exposures?: readonly Exposure[];
  readonly settings?: Readonly<Record<string, unknown>>;
  readonly pictures?: readonly ArchivePicture[];
}

/**
 * Reads an archive's `archive.json`. Every camera, exposure and record is checked before anything is returned, and no
 * identifier may stand twice in its collection.
 *
 * @returns the archive, or every fault with its path
 * @example parseArchive({ format: "still-box/archive", version: 1 }).ok // true
 */
export function parseArchive(data: unknown): Result<Archive, readonly Fault[]> {
  const migrated = migrate(data, ARCHIVE_FORMAT);
  if (!migrated.ok) return migrated;
  const faults = schemaFaults(archiveSchema, migrated.value);
  if (faults.length > 0) return failure(faults);
  const archive = migrated.value as unknown as Archive;
  const crossed = [
    ...(archive.cameras ?? []).flatMap((camera, index) =>
      cameraFaults(camera).map((fault) => ({ ...fault, path: `/cameras/${index}${fault.path}` })),
    ),
    ...RECORDS.flatMap((name) =>
      ((archive[name] ?? []) as readonly Records[typeof name][]).flatMap((record, index) =>
        recordFaults(name, record).map((fault) => ({ ...fault, path: `/${name}/${index}${fault.path}` })),
      ),
    ),
    ...(["cameras", "exposures", ...KEPT_COLLECTIONS] as const).flatMap((name) => twice(archive[name] ?? [], name)),
  ];
  return crossed.length > 0 ? failure(crossed) : success(archive);
}

function twice(records: readonly KeptRecord[], collection: string): readonly Fault[] {
  const seen = new Set<string>();
  return records.flatMap(({ id }, index) => {
    if (!seen.has(id)) {
      seen.add(id);
      return [];
    }
    return [{ path: `/${collection}/${index}/id`, message: `must be its own; “${id}” stands there already` }];
  });
}
