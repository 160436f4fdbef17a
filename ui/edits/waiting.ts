import type { CameraChange } from "../../core/document/index.ts";

/** An edit that an earlier page noted, and that can't be stored yet. */
export interface WaitingEdit {
  readonly id: string;
  readonly cameraId: string;
  readonly label: string;
  readonly changes: readonly CameraChange[];
}

let waiting: readonly WaitingEdit[] = [];

/** Keeps edits until a page that holds their camera takes them in hand. */
export function leaveWaiting(edits: readonly WaitingEdit[]): void {
  waiting = [...waiting, ...edits];
}

/** Hands over the edits of a camera that wait. */
export function takeWaiting(cameraId: string): readonly WaitingEdit[] {
  const taken = waiting.filter((edit) => edit.cameraId === cameraId);
  waiting = waiting.filter((edit) => edit.cameraId !== cameraId);
  return taken;
}
