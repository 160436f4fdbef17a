import { type RemovedCamera, recoverUnsaved, restoreCamera } from "../../storage/index.ts";
import { isoWithOffset } from "../../ui/localTime.ts";
import { notify } from "../../ui/notify.ts";

/** Brings a deleted camera back, with the edits that another tab had in hand when it was deleted. */
export async function bringBack(removed: RemovedCamera): Promise<void> {
  const restored = await restoreCamera(removed);
  if (!restored.ok) notify(`${removed.camera.name} is not back yet. ${restored.error.message}`, { urgent: true });
  else await recoverUnsaved(isoWithOffset(new Date()));
}
