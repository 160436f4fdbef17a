import type { Camera } from "../../core/camera/container/index.ts";
import { type CameraChange, changesBetween } from "../../core/document/index.ts";
import type { PrintScale } from "../../core/make/cutsheet/index.ts";
import { editCamera, getCamera, readSettings, rememberCamera, type StorageFailure } from "../../storage/index.ts";
import { isoWithOffset } from "../../ui/localTime.ts";

/** What the pages of Make open with. */
export interface MakeData {
  readonly camera: Camera;
  /** ISO 8601. */
  readonly today: string;
  /** By how much prints must be drawn larger on the maker's printer. */
  readonly printScale: PrintScale;
}

/** Reads a camera for Make; `null` with the reason where there is none. */
export async function openMake(id: string): Promise<MakeData | StorageFailure> {
  const [found, { printScale }] = await Promise.all([getCamera(id), readSettings()]);
  if (!found.ok) return found.error;
  await rememberCamera(id);
  return { camera: found.value, today: new Date().toISOString(), printScale };
}

/** An edit of the camera, as Make sends it to its route's action. */
export interface MakeEdit {
  readonly label: string;
  readonly changes: readonly CameraChange[];
}

/** What changed between two states of a camera, under its words. */
export function makeEdit(label: string, from: Camera, to: Camera): MakeEdit {
  return { label, changes: changesBetween(from, to) };
}

/** Stores an edit; the answer says why not, where it could not be stored. */
export async function makeAction(id: string, { label, changes }: MakeEdit): Promise<StorageFailure | null> {
  const edited = await editCamera(id, changes, label, isoWithOffset(new Date()));
  return edited.ok ? null : edited.error;
}
