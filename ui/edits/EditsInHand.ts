import { type Change, changesBetween, withChanges } from "../../core/document/index.ts";
import type { Edit, StorageFailure } from "../../storage/index.ts";
import { TRY_AGAIN_AFTER_MS } from "./tryAgain.ts";

/** Stored at the latest this long after the first edit that is not, ms. */
const STORE_AFTER_MS = 250;
/** Edits under the same words that follow each other within this time are one stroke, one step of undo, ms. */
const SAME_STROKE_MS = 1000;

export type SaveState = "saved" | "saving" | StorageFailure;

/** A record that can be held: the time of its last change tells an older echo from a newer one. */
export interface Holdable {
  readonly id: string;
  readonly updatedAt?: string | undefined;
}

/** What came of an edit that was sent. */
export interface EditAnswer<R> {
  readonly failed: StorageFailure | null;
  /** The record as it is stored now. */
  readonly stored: R | null;
}

/** What is on the screen but not stored. */
export interface UnsavedEdit {
  readonly label: string;
  readonly changes: readonly Change[];
}

/** What the hand needs of the world: a way to the database, a notepad, a clock. */
export interface EditTools<R> {
  readonly send: (edit: Edit) => Promise<EditAnswer<R>>;
  /** Notes what is on the screen but not stored, done when it returns; `null`: nothing any more. */
  readonly note: (note: UnsavedEdit | null) => void;
  /** Runs something later; the answer calls it off. */
  readonly later: (ms: number, run: () => void) => () => void;
  readonly nowMs: () => number;
  readonly newStroke: () => string;
}

/** What a screen shows of it. */
export interface InHand<R> {
  readonly record: R;
  readonly saveState: SaveState;
}

/**
 * A record while it is edited: changed at once, noted, stored a moment later; whatever comes back from the database
 * (an edit of this page, an undo, another tab's edit) is taken in under the edits that are still in hand. An echo that is
 * older than what is known to be stored is passed over.
 */
export class EditsInHand<R extends Holdable> {
  #stored: R;
  #record: R;
  /** Edits on their way to the database, in the order they were sent. */
  #sent: readonly Edit[] = [];
  /** The words of the edits that were not sent yet; `null`: there are none. */
  #label: string | null = null;
  #stroke = { name: "", id: "", lastMs: Number.NEGATIVE_INFINITY };
  #held = false;
  #failed: StorageFailure | null = null;
  #callOff: (() => void) | null = null;
  /** Sendings that have no answer yet. */
  readonly #flights = new Set<Promise<void>>();
  #shown: InHand<R>;
  readonly #listeners = new Set<() => void>();
  readonly #tools: EditTools<R>;

  constructor(loaded: R, tools: EditTools<R>) {
    this.#stored = loaded;
    this.#record = loaded;
    this.#tools = tools;
    this.#shown = { record: loaded, saveState: "saved" };
  }

  /** Follows what is shown. */
  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => void this.#listeners.delete(listener);
  };

  readonly shown = (): InHand<R> => this.#shown;

  /**
   * Changes the record on the screen now, in the database a moment later.
   *
   * @param label what undo calls it
   * @param stroke what the hand is doing, where the page knows: all it does under one name is one step of undo, and
   *   `null` is a step of its own; else edits under one label that follow each other at once are
   */
  readonly edit = (label: string, change: (record: R) => R, stroke?: string | null): void => {
    const next = change(this.#record);
    if (next === this.#record) return;
    const before = this.#stroke.id;
    this.#strike(label, stroke);
    if (this.#label !== null && (this.#label !== label || before !== this.#stroke.id)) void this.#send(before);
    this.#record = next;
    this.#label = label;
    this.#tools.note({ label, changes: changesBetween(this.#stored, next) });
    this.#callOff ??= this.#tools.later(STORE_AFTER_MS, () => void this.flush());
    this.#show();
  };

  /** While something is held (a handle dragged), its edits are one stroke, however slow the hand. */
  readonly hold = (held: boolean): void => {
    this.#held = held;
    if (!held) this.#stroke = { ...this.#stroke, lastMs: this.#tools.nowMs() };
  };

  /** The record as the database has it now, from a query that may be late. */
  readonly arrives = (stored: R): void => {
    if (stored === this.#stored || isOlder(stored, this.#stored)) return;
    this.#rebase(stored, this.#sent);
    this.#show();
  };

  /** Sends what was not sent yet, and waits until all that is on its way has an answer: Undo must not overtake an edit. */
  readonly flush = async (): Promise<void> => {
    void this.#send(this.#stroke.id);
    await Promise.all(this.#flights);
  };

  #send(stroke: string): Promise<void> {
    const flight = this.#sendNow(stroke).finally(() => this.#flights.delete(flight));
    this.#flights.add(flight);
    return flight;
  }

  async #sendNow(stroke: string): Promise<void> {
    this.#callOff?.();
    this.#callOff = null;
    const label = this.#label;
    if (label === null) return;
    const changes = changesBetween(this.#base(), this.#record);
    this.#label = null;
    if (changes.length === 0) {
      this.#settle();
      return;
    }
    const edit: Edit = { label, changes, stroke };
    this.#sent = [...this.#sent, edit];
    this.#show();
    const { failed, stored } = await this.#tools.send(edit);
    const others = this.#sent.filter((each) => each !== edit);
    this.#failed = failed;
    if (failed !== null) {
      this.#sent = others;
      // Not stored: the change stays in hand; the next edit, a press on “Try again” or a while later sends it along.
      this.#label ??= label;
      // Of what was deleted elsewhere nothing can be stored until it is there again, and then it arrives.
      if (failed.reason !== "missing") {
        this.#callOff ??= this.#tools.later(TRY_AGAIN_AFTER_MS, () => void this.flush());
      }
      this.#show();
      return;
    }
    this.#rebase(stored === null || isOlder(stored, this.#stored) ? this.#stored : stored, others);
    this.#settle();
  }

  /** Puts what is in hand on top of another stored record and what is still on its way to it. */
  #rebase(stored: R, sent: readonly Edit[]): void {
    // In hand is what differs from what was known to be stored or on its way, before either changes.
    const inHand = this.#label === null ? [] : changesBetween(this.#base(), this.#record);
    this.#stored = stored;
    this.#sent = sent;
    this.#record = withChanges(this.#base(), inHand, "redo");
  }

  /** The stored record with what is on its way: what the one on the screen was changed from. */
  #base(): R {
    return this.#sent.reduce((record, { changes }) => withChanges(record, changes, "redo"), this.#stored);
  }

  #strike(label: string, named: string | null | undefined): void {
    const nowMs = this.#tools.nowMs();
    const goesOn = named === undefined ? this.#held || nowMs - this.#stroke.lastMs <= SAME_STROKE_MS : named !== null;
    const name = named ?? label;
    const id = this.#stroke.name === name && goesOn ? this.#stroke.id : this.#tools.newStroke();
    this.#stroke = { name, id, lastMs: nowMs };
  }

  /** After an answer: with nothing in hand and nothing on its way, the note is struck out. */
  #settle(): void {
    if (this.#label === null && this.#sent.length === 0) {
      this.#failed = null;
      this.#tools.note(null);
    }
    this.#show();
  }

  #show(): void {
    const waiting = this.#label !== null || this.#sent.length > 0;
    this.#shown = { record: this.#record, saveState: this.#failed ?? (waiting ? "saving" : "saved") };
    for (const listener of this.#listeners) listener();
  }
}

function isOlder({ updatedAt: one = "" }: Holdable, { updatedAt: other = "" }: Holdable): boolean {
  return Date.parse(one) < Date.parse(other);
}
