import { useCallback, useEffect, useRef } from "react";
import { bringBack, type Edited, editRecord } from "../../storage/index.ts";
import { isoWithOffset } from "../format/localTime.ts";
import { notify } from "../notices/notify.ts";
import type { EditAnswer } from "./EditsInHand.ts";
import { type SendEdit, useHand } from "./useHand.ts";
import { type Undoable, type UndoRedo, undoable, useUndo } from "./useUndo.ts";

/** The collections beside the cameras whose records are edited by hand. */
type RecordEdited = "negatives" | "trails";

/** A record while it is changed by hand. */
export interface RecordEdits<R> extends UndoRedo {
  readonly record: R;
  /** Changes it; edits of one stroke (a drag) are one step of undo. */
  readonly edit: (change: (before: R) => R, stroke?: string) => void;
  /** For a page that edits another record too: see {@link useUndo}. */
  readonly undoable: Undoable;
}

/**
 * Changes to a record show and are noted at once, and are stored a moment later; each can be taken back, also after a
 * reload. What another tab changed is taken in under what is in hand.
 *
 * @param name the collection it lies in
 */
export function useRecordEdits<N extends RecordEdited>(name: N, stored: Edited[N]): RecordEdits<Edited[N]> {
  type R = Edited[N];
  const { id } = stored;
  const send: SendEdit<N> = (change) => sent(name, id, change);
  const { hand, record, saveState } = useHand<N>(name, stored, send);
  // Two words for one trouble are one too many.
  const told = useRef<string | null>(null);
  const reason = typeof saveState === "string" ? null : saveState.reason;
  useEffect(() => {
    if (typeof saveState === "string") {
      if (saveState === "saved") told.current = null;
      return;
    }
    if (told.current === saveState.reason) return;
    told.current = saveState.reason;
    // Nothing is asked of somebody who only looks on.
    if (saveState.reason !== "missing") notify(saveState.message, { urgent: true });
  }, [saveState]);
  const edit = useCallback(
    (change: (before: R) => R, stroke?: string): void => {
      hand.edit(stroke?.replace(/ \d+$/, "") ?? "a change", change, stroke ?? null);
      if (reason === "missing") askBack(name, hand.shown().record, hand.flush);
    },
    [hand, name, reason],
  );
  const of = undoable<N>({ name, recordId: id }, hand, saveState === "saving");
  return { record, edit, undoable: of, ...useUndo([of]) };
}

/** Says that a record was put away elsewhere while it is edited here, and offers to bring it back as it is here. */
function askBack<N extends RecordEdited>(name: N, record: Edited[N], flush: () => Promise<void>): void {
  notify("This was deleted in another tab: what you change here is not saved.", {
    urgent: true,
    action: {
      name: "Bring it back",
      run: () =>
        void bringBack(name, record, isoWithOffset(new Date())).then((done) => {
          if (!done.ok) notify(done.error.message, { urgent: true });
          else void flush();
        }),
    },
  });
}

async function sent<N extends RecordEdited>(
  name: N,
  id: string,
  edit: Parameters<SendEdit<N>>[0],
): Promise<EditAnswer<Edited[N]>> {
  const done = await editRecord(name, id, edit, isoWithOffset(new Date()));
  return done.ok ? { failed: null, stored: done.value } : { failed: done.error, stored: null };
}
