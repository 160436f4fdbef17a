import type { Camera } from "../../core/camera/container/index.ts";
import type { PrintScale } from "../../core/make/cutsheet/index.ts";
import { getEdited, readSettings, rememberCamera, type StorageFailure } from "../../storage/index.ts";
import type { CameraEdits } from "../../ui/edits/useCameraEdits.ts";

/** What Make opens with. */
export interface MakeData {
  readonly camera: Camera;
  /** ISO 8601. */
  readonly today: string;
  /** By how much prints must be drawn larger on the maker's printer. */
  readonly printScale: PrintScale;
}

/** What Make hands to its pages: the camera in hand, and what it was opened with. */
export interface MakeInHand extends Pick<CameraEdits, "camera" | "edit">, Pick<MakeData, "today" | "printScale"> {
  /** Where a page puts what it offers as a whole; `null` until it is there. */
  readonly actions: HTMLElement | null;
}

/** How the maker's printer prints, as it was measured last. */
export async function readPrintScale(): Promise<PrintScale> {
  return (await readSettings()).printScale;
}

/** Reads a camera for Make, or says why there is none. */
export async function openMake(id: string): Promise<MakeData | StorageFailure> {
  const [found, { printScale }] = await Promise.all([getEdited("cameras", id), readSettings()]);
  if (!found.ok) return found.error;
  await rememberCamera(id);
  return { camera: found.value, today: new Date().toISOString(), printScale };
}
