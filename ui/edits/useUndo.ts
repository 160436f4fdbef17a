import { useCallback, useMemo } from "react";
import {
  type Edited,
  type EditedName,
  type EditedRef,
  historyState,
  stepHistory,
  useLive,
} from "../../storage/index.ts";
import { isoWithOffset } from "../localTime.ts";
import { notify } from "../notify.ts";
import type { EditsInHand } from "./EditsInHand.ts";

/** A record in hand, as Undo needs it. */
export interface Undoable extends EditedRef {
  /** Stores what is in hand. */
  readonly flush: () => Promise<void>;
  /** Takes the record in as it is stored now. */
  readonly arrives: (record: Edited[EditedName]) => void;
  /** Whether something is in hand that is no step yet. */
  readonly pending: boolean;
}

/** A page's Undo and Redo, `null` where there is nothing to take back. */
export interface UndoRedo {
  readonly undo: (() => void) | null;
  readonly redo: (() => void) | null;
}

const NOTHING = { undo: null, redo: null };

/** One Undo for all records that a page edits, in the order of the hand; it reaches back over reloads. */
export function useUndo(records: readonly Undoable[]): UndoRedo {
  const key = JSON.stringify(records.map(({ name, recordId, labels }) => ({ name, recordId, labels })));
  const refs = useMemo(() => JSON.parse(key) as readonly EditedRef[], [key]);
  const query = useCallback(() => historyState(refs), [refs]);
  const history = useLive(NOTHING, query).value;
  const step = async (way: "undo" | "redo"): Promise<void> => {
    await Promise.all(records.map(({ flush }) => flush()));
    const done = await stepHistory(refs, way, isoWithOffset(new Date()));
    if (!done.ok) return notify(done.error.message, { urgent: true });
    const { value } = done;
    if (value === null || value.record === null) return;
    records.find(({ name, recordId }) => name === value.name && recordId === value.recordId)?.arrives(value.record);
  };
  const pending = records.some((each) => each.pending);
  return {
    undo: pending || history.undo !== null ? () => void step("undo") : null,
    redo: !pending && history.redo !== null ? () => void step("redo") : null,
  };
}

/** A hand as {@link useUndo} takes it. */
export function undoable<N extends EditedName>(
  of: EditedRef,
  hand: EditsInHand<Edited[N]>,
  pending: boolean,
): Undoable {
  return { ...of, flush: hand.flush, arrives: (record) => hand.arrives(record as Edited[N]), pending };
}
