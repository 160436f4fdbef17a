import type { Result } from "../../../core/basis/units/index.ts";
import type { Change, Exposure } from "../../../core/document/index.ts";
import { editExposure, isChange, removeExposure, type StorageFailure, saveExposure } from "../../../storage/index.ts";

/** What the log asks of its route's action; a shot is checked by its schema where it is stored. */
export type LogAction =
  | { readonly type: "edit"; readonly id: string; readonly changes: readonly Change[]; readonly way: "redo" | "undo" }
  | { readonly type: "delete"; readonly id: string }
  /** Brings a deleted shot back. */
  | { readonly type: "restore"; readonly exposure: unknown };

export interface LogAnswer {
  readonly failed: string | null;
}

/** Reads what was sent; `null` where it is none of our actions. */
export function readLogAction(sent: unknown): LogAction | null {
  if (typeof sent !== "object" || sent === null) return null;
  const { type, id, exposure, changes, way } = sent as Partial<Record<string, unknown>>;
  if (type === "restore") return { type, exposure };
  if (typeof id !== "string") return null;
  if (type === "delete") return { type, id };
  if (type !== "edit" || (way !== "redo" && way !== "undo") || !Array.isArray(changes)) return null;
  return changes.every((change) => isChange(change)) ? { type, id, changes, way } : null;
}

/** Changes, deletes or brings back a logged shot. */
export async function logAction(asked: LogAction): Promise<LogAnswer> {
  const done = await doneBy(asked);
  if (done.ok) return { failed: null };
  const [fault] = done.error.faults ?? [];
  return { failed: fault ? `${done.error.message} ${fault.path.slice(1)} ${fault.message}.` : done.error.message };
}

function doneBy(asked: LogAction): Promise<Result<Exposure, StorageFailure>> {
  switch (asked.type) {
    case "edit":
      return editExposure(asked.id, asked.changes, asked.way);
    case "delete":
      return removeExposure(asked.id);
    case "restore":
      return saveExposure(asked.exposure);
    default:
      return asked satisfies never;
  }
}
