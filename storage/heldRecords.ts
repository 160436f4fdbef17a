import type { Result } from "../core/basis/units/index.ts";
import { type Negative, parseNegative, parseRecord, type Trail } from "../core/document/index.ts";
import { type StillBoxDb, theDb } from "./db.ts";
import { attempt, type StorageFailure } from "./failure.ts";
import { saveNegatives } from "./negatives.ts";
import { HELD_KEY, inLocalStorage, readNote, textsUnder } from "./quickNotes.ts";
import { saveRecord } from "./records.ts";

/** Records that pages hold while they are changed by hand, by the name of their collection. */
export interface Held {
  negatives: Negative;
  trails: Trail;
}
export type HeldName = keyof Held;

interface HeldNote {
  readonly name: HeldName;
  /** Sums of the record's text as the page knew it to be stored; where it is another by now, somebody else changed it. */
  readonly was: readonly number[];
  readonly record: { readonly id: string };
}

interface Store<R> {
  readonly parse: (row: unknown) => Result<R, unknown>;
  readonly save: (record: R, db: StillBoxDb) => Promise<Result<unknown, StorageFailure>>;
}

const STORES: { readonly [N in HeldName]: Store<Held[N]> } = {
  negatives: { parse: parseNegative, save: (negative, db) => saveNegatives([negative], db) },
  trails: {
    parse: (row) => parseRecord("trails", row),
    save: (trail, db) => saveRecord("trails", trail, db),
  },
};

/**
 * Notes down at once how a record is to be: it is written when this returns, also if the tab is closed the next moment.
 * The next page of any tab stores it. Where nothing can be noted, it is simply stored a moment later.
 *
 * @param was texts of the record as it was stored when it was changed
 */
export function noteHeld<N extends HeldName>(name: N, record: Held[N], was: readonly string[]): void {
  const note: HeldNote = { name, was: was.map(sumOf), record };
  inLocalStorage((local) => local.setItem(keyOf(name, record.id), JSON.stringify(note)));
}

/** Stores a record that a page holds, and strikes its note out, unless a later one took its place. */
export async function saveHeld<N extends HeldName>(
  name: N,
  record: Held[N],
  db: StillBoxDb = theDb(),
): Promise<Result<unknown, StorageFailure>> {
  const done = await STORES[name].save(record, db);
  if (done.ok) {
    inLocalStorage((local) => {
      const key = keyOf(name, record.id);
      if (JSON.stringify(heldNote(local.getItem(key))?.record) === JSON.stringify(record)) local.removeItem(key);
    });
  }
  return done;
}

/** What became of the records that pages which are gone had noted. */
export interface HeldRecovery {
  /** Changed elsewhere since, or deleted: the newer stands. */
  readonly overtaken: number;
  /** Could not be stored now; their notes stay. */
  readonly later: number;
  /** Could not be read, and were put away. */
  readonly damaged: number;
}

/** Stores what pages that are gone had noted of the records they held. Never fails. */
export async function recoverHeld(db: StillBoxDb = theDb()): Promise<HeldRecovery> {
  const count = { stored: 0, overtaken: 0, later: 0, damaged: 0 };
  for (const [rest, text] of textsUnder(HELD_KEY)) {
    const note = heldNote(text);
    const came = note === null ? "damaged" : await recovered(note.name, note, db).catch(() => "damaged" as const);
    count[came]++;
    if (came !== "later") inLocalStorage((local) => local.removeItem(HELD_KEY + rest));
  }
  const { overtaken, later, damaged } = count;
  return { overtaken, later, damaged };
}

async function recovered<N extends HeldName>(
  name: N,
  note: HeldNote,
  db: StillBoxDb,
): Promise<"stored" | "overtaken" | "later" | "damaged"> {
  const { parse } = STORES[name];
  const record = parse(note.record);
  if (!record.ok) return "damaged";
  const row = await attempt(async (): Promise<unknown> => db.table(name).get(note.record.id));
  if (!row.ok) return "later";
  const there = parse(row.value);
  const text = there.ok ? JSON.stringify(there.value) : "";
  if (text === JSON.stringify(record.value)) return "stored";
  if (!note.was.includes(sumOf(text))) return "overtaken";
  return (await saveHeld(name, record.value, db)).ok ? "stored" : "later";
}

function heldNote(text: string | null): HeldNote | null {
  const note = readNote(text) as Partial<HeldNote> | null;
  const whole =
    note !== null &&
    Object.hasOwn(STORES, String(note.name)) &&
    Array.isArray(note.was) &&
    typeof note.record === "object";
  return whole ? (note as HeldNote) : null;
}

const keyOf = (name: HeldName, id: string): string => `${HELD_KEY}${name}:${id}`;

/** A text's length and 32 bits of its letters (FNV-1a): it is noted at every move of a hand, the texts are too long for that. */
function sumOf(text: string): number {
  let sum = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) sum = Math.imul(sum ^ text.charCodeAt(i), 0x01000193);
  return (sum >>> 0) + 2 ** 32 * (text.length % 2 ** 20);
}
