const KEY = "still-box-note:";

/** The place of a quick note, by the note's id. */
export const quickKey = (id: string): string => KEY + id;

/** Notes that the database has not got (yet, or for want of room); what can't be read is left as its id. */
export function quickNotes(): readonly unknown[] {
  const notes: unknown[] = [];
  inLocalStorage((local) => {
    for (const key of Object.keys(local).filter((name) => name.startsWith(KEY))) {
      notes.push(readNote(local.getItem(key), key.slice(KEY.length)));
    }
  });
  return notes;
}

function readNote(text: string | null, id: string): unknown {
  try {
    return JSON.parse(text ?? "");
  } catch {
    return { id };
  }
}

/** Does something with the browser's small store, where there is one and it is allowed and has room. */
export function inLocalStorage(work: (local: Storage) => void): void {
  try {
    work(globalThis.localStorage);
  } catch {
    // Forbidden, full, or not there (in tests): then nothing is kept there.
  }
}
