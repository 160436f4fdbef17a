import type { Result } from "../../core/basis/units/index.ts";
import { changesBetween, withChanges } from "../../core/document/index.ts";
import {
  changeAsStep,
  type Edited,
  type EditedName,
  type EditedRef,
  removeEdited,
  type Step,
  type StorageFailure,
  takeBack,
  there,
} from "../../storage/index.ts";
import { isoWithOffset } from "../format/localTime.ts";
import { notify } from "../notices/notify.ts";

/**
 * Makes, changes or deletes a record as it is stored now, as a step that can be taken back: by the notice, by Undo of its page,
 * also after a reload. What others changed meanwhile, or since, stays.
 *
 * @param change from the record as it is stored (`null`: it is not there) to how it shall be (`null`: gone)
 * @param said what the maker is told when it is stored, and what the step is called
 * @returns whether it is stored; if not, that is said
 */
export async function changeUndoable<N extends EditedName>(
  name: N,
  id: string,
  change: (stored: Edited[N] | null) => Edited[N] | null,
  said: string,
): Promise<boolean> {
  return offered(await changeAsStep(name, id, change, { label: said, now: isoWithOffset(new Date()) }), said);
}

/**
 * Writes a record as it was filled in, as {@link changeUndoable} does.
 *
 * @param from the record that the form was filled from; only what differs from it is written. `null`: a new one
 */
export function saveUndoable<N extends EditedName>(
  name: N,
  record: Edited[N],
  said: string,
  from: Edited[N] | null = null,
): Promise<boolean> {
  const changes = changesBetween(from, record);
  return changeUndoable(
    name,
    record.id,
    (stored) => (from === null ? record : withChanges(there(stored), changes, "redo")),
    said,
  );
}

/** Deletes a record and offers to bring it back. */
export async function removeUndoable(name: EditedName, id: string, said: string): Promise<void> {
  offered(await removeEdited(name, id, said, isoWithOffset(new Date())), said);
}

/** Puts a record away that pages hold while it is edited, and offers to bring it back. */
export async function putAway(
  {
    name,
    recordId,
    flush,
  }: EditedRef & {
    /** Stores what is in hand first: an edit that came after would find nothing. */
    readonly flush: () => Promise<void>;
  },
  said: string,
): Promise<void> {
  await flush();
  await removeUndoable(name, recordId, said);
}

/** Says what came of a step, and offers to take it back. @returns whether it is stored */
export function offered(
  done: Result<Pick<Step<unknown>, "step">, StorageFailure>,
  said: string,
): done is { readonly ok: true; readonly value: Step<unknown> } {
  if (!done.ok) {
    notify(whyNot(done.error), { urgent: true });
    return false;
  }
  const { step } = done.value;
  notify(said, step === null ? {} : { action: { name: "Undo", run: () => void tookBack(step) } });
  return true;
}

/** Takes a step back; where that can't be, it is said. */
async function tookBack(step: number): Promise<void> {
  const taken = await takeBack(step, isoWithOffset(new Date()));
  if (!taken.ok) notify(whyNot(taken.error), { urgent: true });
}

/** Why something is not stored, with the first place at fault. */
export function whyNot({ message, faults }: StorageFailure): string {
  const [fault] = faults ?? [];
  return fault ? `${message} ${fault.path.slice(1).replace(/\//g, ", ")} ${fault.message}.` : message;
}
