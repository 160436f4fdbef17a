const KEY = "still-box-note:";

/** The place of a quick note, by the note's id. */
export const quickKey = (id: string): string => KEY + id;

/** Notes of edits that the database has not got (yet, or for want of room); what can't be read is left as its id. */
export function quickNotes(): readonly unknown[] {
  return textsUnder(KEY).map(([id, text]) => readNote(text) ?? { id });
}

/** The beginning of the places where records are noted that a page holds. */
export const HELD_KEY = "still-box-held:";

/** What lies in the browser's small store under keys that begin so: the rest of the key, and the text. */
export function textsUnder(beginning: string): readonly (readonly [string, string])[] {
  const found: [string, string][] = [];
  inLocalStorage((local) => {
    for (const key of Object.keys(local).filter((name) => name.startsWith(beginning))) {
      found.push([key.slice(beginning.length), local.getItem(key) ?? ""]);
    }
  });
  return found;
}

/** What a note says, or `null` where it can't be read. */
export function readNote(text: string | null): unknown {
  try {
    return JSON.parse(text ?? "");
  } catch {
    return null;
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
