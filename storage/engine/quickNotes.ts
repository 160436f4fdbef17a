import { drawerOf, OWN_DRAWER, practiceTab } from "../practice/drawer.ts";

/** Notes are of one database: those of practice never come among the maker’s own. */
const noteKey = (): string => `${drawerOf(practiceTab())}-note:`;

/** The place of a quick note, by the note's id. */
export const quickKey = (id: string): string => noteKey() + id;

/** Notes of edits that the database has not got (yet, or for want of room); what can't be read is left as its id. */
export function quickNotes(): readonly unknown[] {
  return textsUnder(noteKey()).map(([id, text]) => readNote(text) ?? { id });
}

/** Where versions before this one noted a whole negative or plan that a page held. */
const HELD_KEY = `${OWN_DRAWER}-held:`;

/** Whole records that pages of an earlier version held and noted, each with the key it lies under. */
export function heldNotes(): readonly { readonly key: string; readonly note: unknown }[] {
  if (practiceTab() !== null) return [];
  return textsUnder(HELD_KEY).map(([rest, text]) => ({ key: HELD_KEY + rest, note: readNote(text) }));
}

/** Where it is noted what was done to records that things happen to: see {@link actNotes}. */
const actsKey = (): string => `${drawerOf(practiceTab())}-act:`;

/** The place of a note of what was done to a record by a page. */
export const actKey = (name: string, recordId: string, page: string): string =>
  `${actsKey()}${name}:${recordId}:${page}`;

/** What pages did to records and the database had not got, each with the key it lies under. */
export function actNotes(): readonly { readonly key: string; readonly note: unknown }[] {
  return textsUnder(actsKey()).map(([rest, text]) => ({ key: actsKey() + rest, note: readNote(text) }));
}

/** What lies in the browser's small store under keys that begin so: the rest of the key, and the text. */
function textsUnder(beginning: string): readonly (readonly [string, string])[] {
  const found: [string, string][] = [];
  inLocalStorage((local) => {
    for (const key of Object.keys(local).filter((name) => name.startsWith(beginning))) {
      found.push([key.slice(beginning.length), local.getItem(key) ?? ""]);
    }
  });
  return found;
}

/** What a note says, or `null` where it can't be read. */
function readNote(text: string | null): unknown {
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
