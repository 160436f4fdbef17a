import type { Camera } from "../../core/camera/container/index.ts";
import { getEdited, printerChoices, rememberCamera, type Settings, type StorageFailure } from "../../storage/index.ts";
import type { CameraEdits } from "../../ui/edits/useCameraEdits.ts";
import type { ChoicesInHand } from "../../ui/edits/useChoices.ts";
import type { Printer } from "../../ui/files/printer.ts";

type PrinterChoices = Pick<Settings, "paper" | "printScale">;

/** What Make opens with. */
export interface MakeData {
  readonly camera: Camera;
  /** ISO 8601. */
  readonly today: string;
  /** What pages are printed on, as it was chosen. */
  readonly printing: PrinterChoices;
}

/** What Make hands to its pages: the camera in hand, and what it was opened with. */
export interface MakeInHand extends Pick<CameraEdits, "camera" | "edit">, Pick<MakeData, "today"> {
  readonly printer: Printer;
  readonly choosePrinter: ChoicesInHand<PrinterChoices>["choose"];
  /** Where a page puts what it offers as a whole; `null` until it is there. */
  readonly actions: HTMLElement | null;
}

/** Reads a camera for Make, or says why there is none. */
export async function openMake(id: string): Promise<MakeData | StorageFailure> {
  const [found, printing] = await Promise.all([getEdited("cameras", id), printerChoices.read()]);
  if (!found.ok) return found.error;
  await rememberCamera(id);
  return { camera: found.value, today: new Date().toISOString(), printing };
}
