import { cameraNames, editRecord, type NoteRow, recoverActs, recoverUnsaved } from "../storage/index.ts";
import { leaveWaiting } from "../ui/edits/waiting.ts";
import { isoWithOffset } from "../ui/format/localTime.ts";
import { notify } from "../ui/notices/notify.ts";

/** What a record is called whose own name is not at hand. */
const KINDS: Readonly<Record<NoteRow["name"], string>> = {
  cameras: "A camera",
  negatives: "A negative",
  trails: "A plan of the sun",
};

/**
 * Stores what pages that are gone had noted. What can't be stored yet waits for a page that holds its record; notes that
 * can't be read are told, those that were overtaken are offered.
 */
export async function recover(): Promise<void> {
  await recoverActs();
  const { waiting, older, gone, damaged } = await recoverUnsaved(isoWithOffset(new Date()));
  leaveWaiting(waiting);
  if (damaged > 0) {
    const notes = damaged === 1 ? "A note of an edit" : `${damaged} notes of edits`;
    notify(
      `${notes} left by an earlier page can’t be read, and ${damaged === 1 ? "was" : "were"} set aside. All that was saved is as it was.`,
    );
  }
  if (older.length + gone.length === 0) return;
  const cameras = new Map((await cameraNames()).map(({ id, name }) => [id, name]));
  const nameOf = ({ name, recordId }: NoteRow): string => cameras.get(recordId) ?? KINDS[name];
  for (const note of gone) {
    notify(`${nameOf(note)}: “${note.label}” was not saved: it was deleted in another tab first.`);
  }
  for (const note of older) {
    const { name, recordId, label, changes } = note;
    const take = (): void =>
      void editRecord(name, recordId, { label, changes }, isoWithOffset(new Date())).then(
        (done) => done.ok || notify(done.error.message, { urgent: true }),
      );
    notify(`${nameOf(note)}: “${label}” was not saved before another tab changed it. The newer change stands.`, {
      action: { name: "Take it", run: take },
    });
  }
}
