import type { Camera } from "../../core/camera/container/index.ts";
import { type CameraChange, changesBetween, withChanges } from "../../core/document/index.ts";
import type { CameraEdit, StorageFailure } from "../../storage/index.ts";

/** Stored at the latest this long after the first edit that is not, ms. */
const STORE_AFTER_MS = 250;
/** What could not be stored is tried again after so long, ms. */
const TRY_AGAIN_AFTER_MS = 5000;
/** Edits under the same words that follow each other within this time are one stroke, one step of undo, ms. */
const SAME_STROKE_MS = 1000;

export type SaveState = "saved" | "saving" | StorageFailure;

/** What came of an edit that was sent. */
export interface EditAnswer {
  readonly failed: StorageFailure | null;
  /** The camera as it is stored now. */
  readonly stored: Camera | null;
}

/** What is on the screen but not stored. */
export interface UnsavedEdit {
  readonly label: string;
  readonly changes: readonly CameraChange[];
}

/** What the hand needs of the world: a way to the database, a notepad, a clock. */
export interface EditTools {
  readonly send: (edit: CameraEdit) => Promise<EditAnswer>;
  /** Notes what is on the screen but not stored, done when it returns; `null`: nothing any more. */
  readonly note: (note: UnsavedEdit | null) => void;
  /** Runs something later; the answer calls it off. */
  readonly later: (ms: number, run: () => void) => () => void;
  readonly nowMs: () => number;
  readonly newStroke: () => string;
}

/** What a screen shows of it. */
export interface InHand {
  readonly camera: Camera;
  readonly saveState: SaveState;
}

/**
 * A camera while it is edited: changed at once, noted, stored a moment later; whatever comes back from the database
 * (an edit of this page, an undo, another tab's edit) is taken in under the edits that are still in hand. An echo that is
 * older than what is known to be stored is passed over.
 */
export class EditsInHand {
  #stored: Camera;
  #camera: Camera;
  /** Edits on their way to the database, in the order they were sent. */
  #sent: readonly CameraEdit[] = [];
  /** The words of the edits that were not sent yet; `null`: there are none. */
  #label: string | null = null;
  #stroke = { label: "", id: "", lastMs: Number.NEGATIVE_INFINITY };
  #held = false;
  #failed: StorageFailure | null = null;
  #callOff: (() => void) | null = null;
  #shown: InHand;
  readonly #listeners = new Set<() => void>();
  readonly #tools: EditTools;

  constructor(loaded: Camera, tools: EditTools) {
    this.#stored = loaded;
    this.#camera = loaded;
    this.#tools = tools;
    this.#shown = { camera: loaded, saveState: "saved" };
  }

  /** Follows what is shown. */
  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => void this.#listeners.delete(listener);
  };

  readonly shown = (): InHand => this.#shown;

  /** Changes the camera on the screen now, in the database a moment later. The label is what undo calls it. */
  readonly edit = (label: string, change: (camera: Camera) => Camera): void => {
    const next = change(this.#camera);
    if (next === this.#camera) return;
    if (this.#label !== null && this.#label !== label) void this.flush();
    this.#camera = next;
    this.#label = label;
    this.#strike(label);
    this.#tools.note({ label, changes: changesBetween(this.#stored, next) });
    this.#callOff ??= this.#tools.later(STORE_AFTER_MS, () => void this.flush());
    this.#show();
  };

  /** While something is held (a handle dragged), its edits are one stroke, however slow the hand. */
  readonly hold = (held: boolean): void => {
    this.#held = held;
    if (!held) this.#stroke = { ...this.#stroke, lastMs: this.#tools.nowMs() };
  };

  /** The camera as the database has it now, from a query that may be late. */
  readonly arrives = (stored: Camera): void => {
    if (stored === this.#stored || isOlder(stored, this.#stored)) return;
    this.#rebase(stored, this.#sent);
    this.#show();
  };

  /** Sends what was not sent yet. */
  readonly flush = async (): Promise<void> => {
    this.#callOff?.();
    this.#callOff = null;
    const label = this.#label;
    if (label === null) return;
    const changes = changesBetween(this.#base(), this.#camera);
    this.#label = null;
    if (changes.length === 0) {
      this.#settle();
      return;
    }
    const edit: CameraEdit = { label, changes, stroke: this.#stroke.id };
    this.#sent = [...this.#sent, edit];
    this.#show();
    const { failed, stored } = await this.#tools.send(edit);
    const others = this.#sent.filter((each) => each !== edit);
    this.#failed = failed;
    if (failed !== null) {
      this.#sent = others;
      // Not stored: the change stays in hand; the next edit, a press on “Try again” or a while later sends it along.
      this.#label ??= label;
      this.#callOff ??= this.#tools.later(TRY_AGAIN_AFTER_MS, () => void this.flush());
      this.#show();
      return;
    }
    this.#rebase(stored === null || isOlder(stored, this.#stored) ? this.#stored : stored, others);
    this.#settle();
  };

  /** Puts what is in hand on top of another stored camera and what is still on its way to it. */
  #rebase(stored: Camera, sent: readonly CameraEdit[]): void {
    // In hand is what differs from what was known to be stored or on its way, before either changes.
    const inHand = this.#label === null ? [] : changesBetween(this.#base(), this.#camera);
    this.#stored = stored;
    this.#sent = sent;
    this.#camera = withChanges(this.#base(), inHand, "redo");
  }

  /** The stored camera with what is on its way: what the camera on the screen was changed from. */
  #base(): Camera {
    return this.#sent.reduce((camera, { changes }) => withChanges(camera, changes, "redo"), this.#stored);
  }

  #strike(label: string): void {
    const nowMs = this.#tools.nowMs();
    const goesOn = this.#held || nowMs - this.#stroke.lastMs <= SAME_STROKE_MS;
    const id = this.#stroke.label === label && goesOn ? this.#stroke.id : this.#tools.newStroke();
    this.#stroke = { label, id, lastMs: nowMs };
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
    this.#shown = { camera: this.#camera, saveState: this.#failed ?? (waiting ? "saving" : "saved") };
    for (const listener of this.#listeners) listener();
  }
}

function isOlder({ updatedAt: one = "" }: Camera, { updatedAt: other = "" }: Camera): boolean {
  return Date.parse(one) < Date.parse(other);
}
