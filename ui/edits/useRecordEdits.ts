import { useCallback, useEffect, useRef, useState } from "react";
import { type Held, type HeldName, noteHeld, saveHeld } from "../../storage/index.ts";
import { notify } from "../notify.ts";

/** How long a drag rests before it is stored, ms. */
const REST = 250;
/** Steps that can be taken back. */
const MOST_STEPS = 100;

/** A record while it is changed by hand. */
export interface RecordEdits<R> {
  readonly record: R;
  /** Changes it; edits of one stroke (a drag) are one step of undo. */
  readonly edit: (change: (before: R) => R, stroke?: string) => void;
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
}

interface Hand<R> {
  readonly now: R;
  readonly past: readonly R[];
  readonly future: readonly R[];
  readonly stroke: string | null;
}

const held = <R>(record: R): Hand<R> => ({ now: record, past: [], future: [], stroke: null });

/**
 * Changes to a record show and are noted at once, and are stored a moment later; each can be taken back as long as the
 * page is open. What another tab changed is taken over where nothing is in hand.
 *
 * @param name the collection it lies in
 */
export function useRecordEdits<N extends HeldName>(name: N, stored: Held[N]): RecordEdits<Held[N]> {
  type R = Held[N];
  const [hand, setHand] = useState<Hand<R>>(() => held(stored));
  /** What was stored from here and has not come back yet, as text. */
  const sent = useRef<string[]>([JSON.stringify(stored)]);
  const waiting = useRef<{ readonly record: R; readonly timer: ReturnType<typeof setTimeout> } | null>(null);

  const store = (record: R): void => {
    waiting.current = null;
    sent.current.push(JSON.stringify(record));
    void saveHeld(name, record).then((done) => {
      if (!done.ok) notify(done.error.message, { urgent: true });
    });
  };
  const storeNow = (record: R): void => {
    if (waiting.current !== null) clearTimeout(waiting.current.timer);
    store(record);
  };
  const later = (record: R): void => {
    if (waiting.current !== null) clearTimeout(waiting.current.timer);
    waiting.current = { record, timer: setTimeout(() => store(record), REST) };
  };
  const flush = useRef(() => {});
  flush.current = () => {
    if (waiting.current === null) return;
    clearTimeout(waiting.current.timer);
    store(waiting.current.record);
  };
  useEffect(() => {
    const now = (): void => flush.current();
    window.addEventListener("pagehide", now);
    return () => {
      window.removeEventListener("pagehide", now);
      now();
    };
  }, []);
  // Two edits may come before the page is drawn anew: what is in hand is known at once.
  const inHand = useRef(hand);
  const show = (next: Hand<R>): void => {
    inHand.current = next;
    setHand(next);
  };
  const text = JSON.stringify(stored);
  const take = useRef((_: string) => {});
  take.current = (found) => {
    const echo = sent.current.indexOf(found);
    // What was stored from here comes back in order, perhaps long after it was changed again.
    if (echo >= 0) sent.current.splice(0, echo + 1);
    const before = inHand.current;
    const record = JSON.parse(found) as R;
    if (before.now.id !== record.id) show(held(record));
    else if (echo < 0 && waiting.current === null && sent.current.length === 0) show({ ...before, now: record });
  };
  useEffect(() => take.current(text), [text]);

  const step = (next: Hand<R>): void => {
    show(next);
    noteHeld(name, next.now, [text, ...sent.current]);
    // A press is stored at once: the page may be gone in a moment. Of a drag only where it rests.
    if (next.stroke === null) storeNow(next.now);
    else later(next.now);
  };
  // Another one was chosen: what is shown is never the one before it.
  const current = (): Hand<R> => (inHand.current.now.id === stored.id ? inHand.current : held(stored));
  const now = hand.now.id === stored.id ? hand : held(stored);
  const editNow = useRef<RecordEdits<R>["edit"]>(() => {});
  editNow.current = (change, stroke) => {
    const before = current();
    const same = stroke !== undefined && stroke === before.stroke;
    step({
      now: change(before.now),
      past: same ? before.past : [...before.past, before.now].slice(-MOST_STEPS),
      future: [],
      stroke: stroke ?? null,
    });
  };
  // The same from one drawing to the next: what it is handed to need not be drawn anew.
  const edit = useCallback<RecordEdits<R>["edit"]>((...change) => editNow.current(...change), []);
  return {
    record: now.now,
    edit,
    undo: now.past.length === 0 ? null : () => stepTo(current(), "past", "future", step),
    redo: now.future.length === 0 ? null : () => stepTo(current(), "future", "past", step),
  };
}

function stepTo<R>(hand: Hand<R>, from: "past" | "future", to: "past" | "future", step: (next: Hand<R>) => void): void {
  const next = hand[from].at(-1);
  if (next === undefined) return;
  step({
    ...hand,
    [from]: hand[from].slice(0, -1),
    [to]: [...hand[to], hand.now],
    now: next,
    stroke: null,
  });
}
