import type { Exposure } from "../../core/document/index.ts";
import { removeExposure, saveExposure } from "../../storage/index.ts";

/** What the log asks of its route's action. */
export type LogAction =
  | { readonly type: "save"; readonly exposure: Exposure }
  | { readonly type: "delete"; readonly id: string };

export interface LogAnswer {
  readonly failed: string | null;
}

/** Changes or deletes a logged shot. */
export async function logAction(asked: LogAction): Promise<LogAnswer> {
  const done = asked.type === "save" ? await saveExposure(asked.exposure) : await removeExposure(asked.id);
  if (done.ok) return { failed: null };
  const [fault] = done.error.faults ?? [];
  return { failed: fault ? `${done.error.message} ${fault.path.slice(1)} ${fault.message}.` : done.error.message };
}
