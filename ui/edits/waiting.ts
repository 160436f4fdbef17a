import type { EditedRef, NoteRow } from "../../storage/index.ts";

/** Edits that earlier pages noted, and that can't be stored yet. */
let waiting: readonly NoteRow[] = [];

/** Keeps edits until a page that holds their record takes them in hand. */
export function leaveWaiting(edits: readonly NoteRow[]): void {
  waiting = [...waiting, ...edits];
}

/** Hands over the edits of a record that wait. */
export function takeWaiting({ name, recordId }: EditedRef): readonly NoteRow[] {
  const isOf = (edit: NoteRow): boolean => edit.name === name && edit.recordId === recordId;
  const taken = waiting.filter(isOf);
  waiting = waiting.filter((edit) => !isOf(edit));
  return taken;
}
