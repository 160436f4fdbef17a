const TAB_KEY = "still-box-note:";

/** The tab's own place for a note. */
export const tabKey = (id: string): string => TAB_KEY + id;

/** Notes that this tab keeps since the database had no room; what can't be read is left as its id. */
export function tabNotes(): readonly unknown[] {
  const notes: unknown[] = [];
  inTab((tab) => {
    for (const key of Object.keys(tab).filter((name) => name.startsWith(TAB_KEY))) {
      notes.push(readNote(tab.getItem(key), key.slice(TAB_KEY.length)));
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

/** Does something with the tab's own storage, where there is one and it is allowed and has room. */
export function inTab(work: (tab: Storage) => void): void {
  try {
    work(globalThis.sessionStorage);
  } catch {
    // Forbidden, full, or not there (in tests): the tab then keeps nothing.
  }
}
