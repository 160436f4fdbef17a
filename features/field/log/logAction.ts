import { removeExposure, saveExposure } from "../../../storage/index.ts";

/** What the log asks of its route's action; a shot to save is checked by its schema where it is stored. */
export type LogAction =
  | { readonly type: "save"; readonly exposure: unknown }
  | { readonly type: "delete"; readonly id: string };

export interface LogAnswer {
  readonly failed: string | null;
}

/** Reads what was sent; `null` where it is none of our actions. */
export function readLogAction(sent: unknown): LogAction | null {
  if (typeof sent !== "object" || sent === null) return null;
  const { type, id, exposure } = sent as Partial<Record<string, unknown>>;
  if (type === "save") return { type, exposure };
  return type === "delete" && typeof id === "string" ? { type, id } : null;
}

/** Changes or deletes a logged shot. */
export async function logAction(asked: LogAction): Promise<LogAnswer> {
  const done = asked.type === "save" ? await saveExposure(asked.exposure) : await removeExposure(asked.id);
  if (done.ok) return { failed: null };
  const [fault] = done.error.faults ?? [];
  return { failed: fault ? `${done.error.message} ${fault.path.slice(1)} ${fault.message}.` : done.error.message };
}
