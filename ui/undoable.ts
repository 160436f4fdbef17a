import type { RecordName, Records } from "../core/document/index.ts";
import { type EditedRef, removeEdited, removeRecord, saveRecord, stepHistory } from "../storage/index.ts";
import { isoWithOffset } from "./localTime.ts";
import { notify } from "./notify.ts";

/** Writes a record and offers to take that back; where it can't be stored, that is said. @returns whether it is stored */
export async function saveUndoable<N extends RecordName>(name: N, record: Records[N], said: string): Promise<boolean> {
  const done = await saveRecord(name, record);
  if (!done.ok) {
    const [fault] = done.error.faults ?? [];
    const why = fault ? ` ${fault.path.slice(1).replace(/\//g, ", ")} ${fault.message}.` : "";
    notify(`${done.error.message}${why}`, { urgent: true });
    return false;
  }
  const before = done.value;
  const back = (): void => void (before === null ? removeRecord(name, record.id) : saveRecord(name, before));
  notify(said, { action: { name: "Undo", run: back } });
  return true;
}

/** Deletes a record and offers to bring it back. */
export async function removeUndoable<N extends RecordName>(name: N, id: string, said: string): Promise<void> {
  const done = await removeRecord(name, id);
  if (!done.ok) notify(done.error.message, { urgent: true });
  else notify(said, { action: { name: "Undo", run: () => void saveRecord(name, done.value) } });
}

/** Puts a record away that is edited by hand, as a step of its history, and offers to bring it back. */
export async function putAway(of: EditedRef, said: string): Promise<void> {
  const done = await removeEdited(of.name, of.recordId, "put away", isoWithOffset(new Date()));
  if (!done.ok) return notify(done.error.message, { urgent: true });
  const back = async (): Promise<void> => {
    const stepped = await stepHistory([of], "undo", isoWithOffset(new Date()));
    if (!stepped.ok) notify(stepped.error.message, { urgent: true });
  };
  notify(said, { action: { name: "Undo", run: () => void back() } });
}
