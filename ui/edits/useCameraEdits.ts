import { useCallback, useRef } from "react";
import { type SubmitFunction, useSubmit } from "react-router";
import type { Camera } from "../../core/camera/container/index.ts";
import { cameraRef, storageFailure } from "../../storage/index.ts";
import { notify } from "../notify.ts";
import type { CameraAction, CameraAnswer } from "./cameraAction.ts";
import type { SaveState } from "./EditsInHand.ts";
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

/** Answers of the action to what this page sent, by the sender's key, until the sender takes them. */
const answers = new Map<string, CameraAnswer>();

/** Hands an answer of a camera's action to the page that sent for it. */
export function deliver(key: string, answer: CameraAnswer): void {
  answers.set(key, answer);
}

/** The header under which a sender tells its key. */
export const KEY = "key";

/**
 * Holds a camera while it is edited, on every page that edits one. Edits go through the action of the route
 * `cameras/:id/edits`, which outlives the page they were made on.
 */
export function useCameraEdits(loaded: Camera): CameraEdits {
  const submitNow = useSubmit();
  const submit = useRef(submitNow);
  submit.current = submitNow;
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

/** Sends something to the camera's action and waits for what comes of it; the page it was sent from may be gone by then. */
async function sent(id: string, action: CameraAction, submit: SubmitFunction): Promise<CameraAnswer> {
  const key = crypto.randomUUID();
  await submit(JSON.stringify(action), {
    action: `/cameras/${encodeURIComponent(id)}/edits?${KEY}=${key}`,
    method: "post",
    encType: "application/json",
    navigate: false,
    fetcherKey: key,
  });
  const answer = answers.get(key);
  answers.delete(key);
  return answer ?? { failed: storageFailure("unavailable"), stored: null, go: null };
}
