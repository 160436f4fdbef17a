import { useCallback } from "react";
import { type SubmitFunction, useSubmit } from "react-router";
import type { Camera } from "../../core/camera/container/index.ts";
import { cameraRef, storageFailure } from "../../storage/index.ts";
import { notify } from "../notices/notify.ts";
import { useLatest } from "../page/useLatest.ts";
import type { CameraAction, CameraAnswer } from "./cameraAction.ts";
import type { SaveState } from "./EditsInHand.ts";
import { sendAction } from "./sendAction.ts";
import { useHand } from "./useHand.ts";
import { type Undoable, undoable } from "./useUndo.ts";

/** A camera in hand: changed at once on the screen, stored a moment later, kept in step with other tabs. */
export interface CameraEdits {
  readonly camera: Camera;
  readonly saveState: SaveState;
  /** The label is what undo calls the change. */
  readonly edit: (label: string, change: (camera: Camera) => Camera) => void;
  /** Whether a hand holds something: all it does under one label is one step of undo. */
  readonly hold: (held: boolean) => void;
  readonly send: (action: Exclude<CameraAction, { type: "edit" }>) => void;
  /** Tries again to store what could not be stored. */
  readonly retry: () => void;
  /** For a page that edits another record too: see {@link useUndo}. */
  readonly undoable: Undoable;
}

/**
 * Holds a camera while it is edited, on every page that edits one. Edits go through the action of the route
 * `cameras/:id/edits`, which outlives the page they were made on.
 */
export function useCameraEdits(loaded: Camera): CameraEdits {
  const submitNow = useSubmit();
  const submit = useLatest(submitNow);
  const { id } = loaded;
  const { hand, record, saveState } = useHand("cameras", loaded, (edit) =>
    sent(id, { type: "edit", ...edit }, submit.current),
  );
  const send = useCallback(
    (action: Exclude<CameraAction, { type: "edit" }>) => {
      void hand.flush().then(async () => {
        const { stored, failed } = await sent(id, action, submit.current);
        if (stored !== null) hand.arrives(stored);
        if (failed !== null) notify(failed.message, { urgent: true });
      });
    },
    [hand, id],
  );
  const retry = useCallback(() => void hand.flush(), [hand]);
  return {
    camera: record,
    saveState,
    edit: hand.edit,
    hold: hand.hold,
    send,
    retry,
    undoable: undoable<"cameras">(cameraRef(id), hand, saveState === "saving"),
  };
}

async function sent(id: string, action: CameraAction, submit: SubmitFunction): Promise<CameraAnswer> {
  const answer = await sendAction<CameraAnswer>(submit, `/cameras/${encodeURIComponent(id)}/edits`, action);
  return answer ?? { failed: storageFailure("unavailable"), stored: null, go: null };
}
