import { type RemovedCamera, recoverUnsaved, takeBack } from "../../storage/index.ts";
import { isoWithOffset } from "../../ui/format/localTime.ts";
import { notify } from "../../ui/notices/notify.ts";

/** Brings a deleted camera back, with the edits that another tab had in hand when it was deleted. */
export async function bringBack({ step, name }: RemovedCamera): Promise<void> {
  const now = isoWithOffset(new Date());
  const restored = await takeBack(step, now);
  if (!restored.ok) notify(`${name} is not back yet. ${restored.error.message}`, { urgent: true });
  else await recoverUnsaved(now);
}
