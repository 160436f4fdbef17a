import { failure, type Result, success } from "../basis/units/index.ts";
import type { Fault } from "../light/solve/index.ts";

/** A step from one version of a format to the next. */
export type Migration = (data: Record<string, unknown>) => Record<string, unknown>;

/** A versioned format: `migrations[v]` leads from version v to v + 1. */
export interface VersionedFormat {
  readonly format: string;
  readonly current: number;
  readonly migrations: Readonly<Record<number, Migration>>;
}

/**
 * Brings data of an older version up to the current one, and refuses other formats and newer versions.
 *
 * @returns the data at `current` (a copy where anything changed), or why it can't be read
 * @example migrate({ format: "a", version: 4 }, { format: "a", current: 3, migrations: {} }).ok // false
 */
export function migrate(data: unknown, target: VersionedFormat): Result<Record<string, unknown>, readonly Fault[]> {
  if (typeof data !== "object" || data === null || Array.isArray(data)) {
    return failure([{ path: "", message: `must be an object of the format ${target.format}` }]);
  }
  let current = data as Record<string, unknown>;
  if (current.format !== target.format) {
    return failure([{ path: "/format", message: `must be "${target.format}"` }]);
  }
  const version = current.version;
  if (typeof version !== "number" || !Number.isInteger(version) || version < 1) {
    return failure([{ path: "/version", message: "must be a whole number, 1 or more" }]);
  }
  if (version > target.current) {
    return failure([
      {
        path: "/version",
        message: `is ${version}, made by a newer Still Box than this one, which reads up to ${target.current}. Nothing was changed; update Still Box and try again`,
      },
    ]);
  }
  for (let step = version; step < target.current; step++) {
    const next = target.migrations[step];
    if (next === undefined) throw new Error(`no migration of ${target.format} from version ${step}`);
    current = { ...next(current), version: step + 1 };
  }
  return success(current);
}
