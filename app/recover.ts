import { cameraNames, editCamera, recoverHeld, recoverUnsaved } from "../storage/index.ts";
import { leaveWaiting } from "../ui/edits/waiting.ts";
import { isoWithOffset } from "../ui/localTime.ts";
import { notify } from "../ui/notify.ts";

/**
 * Stores what pages that are gone had noted. What can't be stored yet waits for a page that holds its camera; notes that
 * can't be read are told, those that were overtaken are offered.
 */
export async function recover(): Promise<void> {
  const { waiting, older, damaged: bad } = await recoverUnsaved(isoWithOffset(new Date()));
  leaveWaiting(waiting);
  const held = await recoverHeld();
  const damaged = bad + held.damaged;
  if (held.later > 0) notify("What an earlier page changed can’t be stored yet; it is tried again at the next start.");
  if (held.overtaken > 0) {
    notify("A negative or a plan was changed elsewhere before an earlier page’s change was stored. The newer stands.");
  }
  if (damaged > 0) {
    const notes = damaged === 1 ? "A note of an edit" : `${damaged} notes of edits`;
    notify(
      `${notes} that an earlier page left can’t be read, and ${damaged === 1 ? "was" : "were"} put away. All that was stored is as it was.`,
    );
  }
  if (older.length === 0) return;
  const names = new Map((await cameraNames()).map(({ id, name }) => [id, name]));
  for (const { cameraId, label, changes } of older) {
    const take = (): void =>
      void editCamera(cameraId, { label, changes }, isoWithOffset(new Date())).then(
        (done) => done.ok || notify(done.error.message, { urgent: true }),
      );
    notify(
      `${names.get(cameraId)}: “${label}” was noted, and not stored before it was changed elsewhere. The newer stands.`,
      { action: { name: "Take it", run: take } },
    );
  }
}
