import { useCallback, useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { withChanges } from "../../core/document/index.ts";
import {
  type Edit,
  type Edited,
  getEdited,
  type HeldName,
  type HeldRef,
  type NoteRow,
  noteAtOnce,
  noteUnsaved,
  strikeUnsaved,
  useLive,
} from "../../storage/index.ts";
import { isoWithOffset } from "../format/localTime.ts";
import { type EditAnswer, EditsInHand, type EditTools, type SaveState } from "./EditsInHand.ts";
import { latestOnly } from "./latestOnly.ts";
import { takeWaiting } from "./waiting.ts";

/** What stores an edit of a record. */
export type SendEdit<N extends HeldName> = (edit: Edit) => Promise<EditAnswer<Edited[N]>>;

/** A record in hand: changed at once on the screen, stored a moment later, kept in step with other tabs. */
export interface Handed<N extends HeldName> {
  readonly hand: EditsInHand<Edited[N]>;
  readonly record: Edited[N];
  readonly saveState: SaveState;
}

/**
 * Holds a record while it is edited, on every page that edits one, whatever its kind.
 *
 * @param loaded as it was read last; another one of the collection takes its place at once
 * @param send must outlive the page
 */
export function useHand<N extends HeldName>(name: N, loaded: Edited[N], send: SendEdit<N>): Handed<N> {
  const [held, setHeld] = useState(() => handFor(name, loaded, send));
  // Another one was chosen: what is shown is never the one before it.
  const current = held.id === loaded.id ? held : handFor(name, loaded, send);
  if (current !== held) setHeld(current);
  const { hand } = current;
  // Not while it is drawn: a drawing may be thrown away and begun anew, and what waited would be gone with it.
  useEffect(() => takeInHand(hand, { name, recordId: loaded.id }), [hand, name, loaded.id]);
  const query = useCallback(() => getEdited(name, loaded.id), [name, loaded.id]);
  const first = useMemo(() => ({ ok: true, value: loaded }) as Awaited<ReturnType<typeof getEdited<N>>>, [loaded]);
  const live = useLive(first, query);
  useEffect(() => {
    if (!live.value.ok || live.value.value.id !== loaded.id) return;
    hand.arrives(live.value.value);
    // It may have been gone for a while (deleted, and brought back): what could not be stored then can be now.
    if (hand.shown().saveState !== "saved" && hand.shown().saveState !== "saving") void hand.flush();
  }, [live, hand, loaded.id]);
  useEffect(() => {
    const flush = (): void => void hand.flush();
    window.addEventListener("pagehide", flush);
    return () => {
      window.removeEventListener("pagehide", flush);
      flush();
    };
  }, [hand]);
  const { record, saveState } = useSyncExternalStore(hand.subscribe, hand.shown, hand.shown);
  const trouble = live.status === "failed" ? live.failure : live.value.ok ? null : live.value.error;
  return { hand, record, saveState: trouble ?? saveState };
}

function handFor<N extends HeldName>(
  name: N,
  loaded: Edited[N],
  send: SendEdit<N>,
): { readonly id: string; readonly hand: EditsInHand<Edited[N]> } {
  return { id: loaded.id, hand: new EditsInHand(loaded, toolsFor({ name, recordId: loaded.id }, send)) };
}

/** Takes the edits of earlier pages in hand that could not be stored yet. */
function takeInHand<N extends HeldName>(hand: EditsInHand<Edited[N]>, of: HeldRef): void {
  for (const { id, label, changes } of takeWaiting(of)) {
    hand.edit(label, (record) => withChanges(record, changes, "redo"));
    // This page has noted it by now.
    void strikeUnsaved(id);
  }
}

function toolsFor<N extends HeldName>(of: HeldRef, send: SendEdit<N>): EditTools<Edited[N]> {
  const note = crypto.randomUUID();
  const write = latestOnly<NoteRow | null>((row) => (row === null ? strikeUnsaved(note) : noteUnsaved(row)));
  return {
    send,
    note: (unsaved) => {
      const row = unsaved && { id: note, ...of, ...unsaved, at: isoWithOffset(new Date()) };
      if (row !== null) noteAtOnce(row);
      write(row);
    },
    later: (ms, run) => {
      const timer = setTimeout(run, ms);
      return () => clearTimeout(timer);
    },
    nowMs: () => performance.now(),
    newStroke: () => crypto.randomUUID(),
  };
}
