import { useCallback, useMemo } from "react";
import {
  type Edited,
  type HeldName,
  type HeldRef,
  type HistoryState,
  historyState,
  type StepsOf,
  stepHistory,
  useLive,
} from "../../storage/index.ts";
import { isoWithOffset } from "../format/localTime.ts";
import { notify } from "../notices/notify.ts";
import type { EditsInHand } from "./EditsInHand.ts";

/** A record in hand, as Undo needs it. */
export interface Undoable extends HeldRef {
  /** Stores what is in hand. */
  readonly flush: () => Promise<void>;
  /** Takes the record in as it is stored now. */
  readonly arrives: (record: Edited[HeldName]) => void;
  /** Whether something is in hand that is no step yet. */
  readonly pending: boolean;
}

/** A page's Undo and Redo, `null` where there is nothing to take back. */
export interface UndoRedo {
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
  /** What each would do, in the words of the step. */
  readonly says: HistoryState;
}

const NOTHING = { undo: null, redo: null };

/**
 * One Undo for all records that a page edits, in the order of the hand; it reaches back over reloads.
 *
 * @param records those that it holds
 * @param others collections whose records it makes, changes and deletes without holding them; what is done to them is told
 */
export function useUndo(records: readonly Undoable[], others: readonly StepsOf[] = []): UndoRedo {
  const key = JSON.stringify([...records.map(({ name, recordId, labels }) => ({ name, recordId, labels })), ...others]);
  const refs = useMemo(() => JSON.parse(key) as readonly StepsOf[], [key]);
  const query = useCallback(() => historyState(refs), [refs]);
  const history = useLive(NOTHING, query).value;
  const step = async (way: "undo" | "redo"): Promise<void> => {
    await Promise.all(records.map(({ flush }) => flush()));
    const done = await stepHistory(refs, way, isoWithOffset(new Date()));
    if (!done.ok) return notify(done.error.message, { urgent: true });
    const { value } = done;
    if (value === null) return;
    const held = records.find(({ name, recordId }) => name === value.name && recordId === value.recordId);
    if (held !== undefined && value.record !== null) held.arrives(value.record as Edited[HeldName]);
    // What a page does not hold may be out of sight.
    if (held === undefined) notify(`${way === "undo" ? "Taken back" : "Done again"}: “${value.label}”`);
  };
  const pending = records.some((each) => each.pending);
  return {
    undo: pending || history.undo !== null ? () => void step("undo") : null,
    redo: !pending && history.redo !== null ? () => void step("redo") : null,
    says: history,
  };
}

/** A hand as {@link useUndo} takes it. */
export function undoable<N extends HeldName>(of: HeldRef, hand: EditsInHand<Edited[N]>, pending: boolean): Undoable {
  return { ...of, flush: hand.flush, arrives: (record) => hand.arrives(record as Edited[N]), pending };
}
