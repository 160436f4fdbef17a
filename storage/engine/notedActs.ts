import {
  type Change,
  changesBetween,
  RECORDS,
  type RecordName,
  type Records,
  withChanges,
} from "../../core/document/index.ts";
import { type StillBoxDb, theDb } from "./db.ts";
import { actKey, actNotes, inLocalStorage } from "./quickNotes.ts";
import { doActs } from "./records.ts";
import { isChange } from "./unsaved.ts";

/** What was done to a record and is not stored yet. */
interface ActNote {
  readonly name: RecordName;
  readonly recordId: string;
  readonly changes: readonly Change[];
}

/** The collections whose records things happen to. */
const NAMES: readonly string[] = [...RECORDS, "counts"];

/**
 * Notes at once what a page did to a record, from how it is stored to how it shall be (`null`: not there): it is written
 * when this returns, also if the tab is closed the next moment. With no difference the note goes.
 *
 * @param page whose note it is
 */
export function noteActs<N extends RecordName>(
  name: N,
  recordId: string,
  page: string,
  stored: Records[N] | null,
  shown: Records[N] | null,
): void {
  const changes = changesBetween(stored ?? undefined, shown ?? undefined);
  const key = actKey(name, recordId, page);
  inLocalStorage((local) => {
    if (changes.length === 0) local.removeItem(key);
    else local.setItem(key, JSON.stringify({ name, recordId, changes } satisfies ActNote));
  });
}

/**
 * Stores what pages that are gone did to records. Of a record that is gone by now (logged, given up) nothing comes back.
 * What can't be stored now stays noted. Never fails.
 */
export async function recoverActs(db: StillBoxDb = theDb()): Promise<void> {
  for (const { key, note } of actNotes()) {
    const stays = isActNote(note) && (await stillToDo(note, db).catch(() => false));
    if (!stays) inLocalStorage((local) => local.removeItem(key));
  }
}

async function stillToDo({ name, recordId, changes }: ActNote, db: StillBoxDb): Promise<boolean> {
  // A shot stands under the id of its count: what is logged is not counted again.
  const isLogged = name === "counts" && (await db.exposures.get(recordId)) !== undefined;
  if (isLogged) return false;
  const isNew = changes.some(({ path }) => path.length === 0);
  const done = await doActs(
    name,
    recordId,
    [(stored) => (stored === null && !isNew ? null : (withChanges(stored ?? undefined, changes, "redo") ?? null))],
    db,
  );
  return !done.ok && done.error.reason !== "invalid";
}

function isActNote(note: unknown): note is ActNote {
  if (typeof note !== "object" || note === null) return false;
  const { name, recordId, changes } = note as Partial<Record<keyof ActNote, unknown>>;
  return (
    NAMES.includes(String(name)) &&
    typeof recordId === "string" &&
    Array.isArray(changes) &&
    changes.every((change) => isChange(change))
  );
}
