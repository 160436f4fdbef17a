import type { Result } from "../core/basis/units/index.ts";
import type { RecordName, Records } from "../core/document/index.ts";
import {
  changeRecord,
  type EditedRef,
  removeEdited,
  removeRecord,
  type StorageFailure,
  saveRecord,
  stepHistory,
  takeBackChanges,
} from "../storage/index.ts";
import { isoWithOffset } from "./localTime.ts";
import { notify } from "./notify.ts";

/** Writes a record and offers to take that back; where it can't be stored, that is said. @returns whether it is stored */
export async function saveUndoable<N extends RecordName>(name: N, record: Records[N], said: string): Promise<boolean> {
  const done = await saveRecord(name, record);
  if (!done.ok) {
    notify(whyNot(done.error), { urgent: true });
    return false;
  }
  const before = done.value;
  const back = (): void =>
    void (before === null ? removeRecord(name, record.id) : saveRecord(name, before)).then(toldIfNot);
  notify(said, { action: { name: "Undo", run: back } });
  return true;
}

/** Says that something could not be taken back. */
function toldIfNot(taken: Result<unknown, StorageFailure>): void {
  if (!taken.ok) notify(whyNot(taken.error), { urgent: true });
}

function whyNot({ message, faults }: StorageFailure): string {
  const [fault] = faults ?? [];
  return fault ? `${message} ${fault.path.slice(1).replace(/\//g, ", ")} ${fault.message}.` : message;
}

/**
 * Changes a record as it is stored now and offers to take that back: what others changed meanwhile, or since, stays.
 *
 * @returns whether it is stored
 */
export async function changeUndoable<N extends RecordName>(
  name: N,
  id: string,
  change: (stored: Records[N]) => Records[N],
  said: string,
  /** What takes it back, where that is not to put the values back that were there: a number that was counted on. */
  back: ((stored: Records[N]) => Records[N]) | null = null,
): Promise<boolean> {
  const done = await changeRecord(name, id, change);
  if (!done.ok) {
    notify(whyNot(done.error), { urgent: true });
    return false;
  }
  const undo = (): void =>
    void (back === null ? takeBackChanges(name, id, done.value) : changeRecord(name, id, back)).then(toldIfNot);
  notify(said, { action: { name: "Undo", run: undo } });
  return true;
}

/** Deletes a record and offers to bring it back. */
export async function removeUndoable<N extends RecordName>(name: N, id: string, said: string): Promise<void> {
  const done = await removeRecord(name, id);
  if (!done.ok) notify(done.error.message, { urgent: true });
  else notify(said, { action: { name: "Undo", run: () => void saveRecord(name, done.value).then(toldIfNot) } });
}

/** Puts a record away that is edited by hand, as a step of its history, and offers to bring it back. */
export async function putAway(
  of: EditedRef & {
    /** Stores what is in hand first: an edit that came after would find nothing. */
    readonly flush: () => Promise<void>;
  },
  said: string,
): Promise<void> {
  await of.flush();
  const done = await removeEdited(of.name, of.recordId, "put away", isoWithOffset(new Date()));
  if (!done.ok) return notify(done.error.message, { urgent: true });
  const back = async (): Promise<void> => {
    const stepped = await stepHistory([of], "undo", isoWithOffset(new Date()));
    if (!stepped.ok) notify(stepped.error.message, { urgent: true });
  };
  notify(said, { action: { name: "Undo", run: () => void back() } });
}
