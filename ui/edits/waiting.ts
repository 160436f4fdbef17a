import type { NoteRow } from "../../storage/index.ts";

/** Edits that earlier pages noted, and that can't be stored yet. */
let waiting: readonly NoteRow[] = [];

/** Keeps edits until a page that holds their camera takes them in hand. */
export function leaveWaiting(edits: readonly NoteRow[]): void {
  waiting = [...waiting, ...edits];
}

/** Hands over the edits of a camera that wait. */
export function takeWaiting(cameraId: string): readonly NoteRow[] {
  const taken = waiting.filter((edit) => edit.cameraId === cameraId);
  waiting = waiting.filter((edit) => edit.cameraId !== cameraId);
  return taken;
}
