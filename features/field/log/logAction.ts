import { type Result, success } from "../../../core/basis/units/index.ts";
import { type Change, type Exposure, withChanges } from "../../../core/document/index.ts";
import {
  changeAsStep,
  isChange,
  removeEdited,
  type Step,
  type StorageFailure,
  takeBack,
  there,
} from "../../../storage/index.ts";
import { whyNot } from "../../../ui/edits/undoable.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";

const LONGEST_LABEL = 1000;

/** What the log asks of its route's action; a shot is checked by its schema where it is stored. */
export type LogAction =
  | { readonly type: "edit"; readonly id: string; readonly changes: readonly Change[]; readonly label: string }
  | { readonly type: "delete"; readonly id: string; readonly label: string }
  | { readonly type: "take back"; readonly step: number };

export interface LogAnswer {
  readonly failed: string | null;
  /** What takes it back; `null`: nothing was changed. */
  readonly step: number | null;
}

/** Reads what was sent; `null` where it is none of our actions. */
export function readLogAction(sent: unknown): LogAction | null {
  if (typeof sent !== "object" || sent === null) return null;
  const { type, id, changes, label, step } = sent as Partial<Record<string, unknown>>;
  if (type === "take back") return typeof step === "number" ? { type, step } : null;
  if (typeof id !== "string" || typeof label !== "string" || label.length > LONGEST_LABEL) return null;
  if (type === "delete") return { type, id, label };
  if (type !== "edit" || !Array.isArray(changes)) return null;
  return changes.every((change) => isChange(change)) ? { type, id, changes, label } : null;
}

/** Changes or deletes a logged shot, or takes that back. */
export async function logAction(asked: LogAction): Promise<LogAnswer> {
  const done = await doneBy(asked, isoWithOffset(new Date()));
  if (done.ok) return { failed: null, step: done.value };
  return { failed: whyNot(done.error), step: null };
}

async function doneBy(asked: LogAction, now: string): Promise<Result<number | null, StorageFailure>> {
  switch (asked.type) {
    case "edit": {
      const edited = (shot: Exposure | null): Exposure => withChanges(there(shot), asked.changes, "redo");
      return stepOf(await changeAsStep("exposures", asked.id, edited, { label: asked.label, now }));
    }
    case "delete":
      return stepOf(await removeEdited("exposures", asked.id, asked.label, now));
    case "take back": {
      const taken = await takeBack(asked.step, now);
      return taken.ok ? success(null) : taken;
    }
    default:
      return asked satisfies never;
  }
}

function stepOf(done: Result<Step<Exposure>, StorageFailure>): Result<number | null, StorageFailure> {
  return done.ok ? success(done.value.step) : done;
}
