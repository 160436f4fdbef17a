import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from "react";
import { type SubmitFunction, useSubmit } from "react-router";
import type { Camera } from "../../core/camera/container/index.ts";
import { withChanges } from "../../core/document/index.ts";
import {
  getCamera,
  type NoteRow,
  noteAtOnce,
  noteUnsaved,
  storageFailure,
  strikeUnsaved,
  useLive,
} from "../../storage/index.ts";
import { isoWithOffset } from "../localTime.ts";
import { notify } from "../notify.ts";
import type { CameraAction, CameraAnswer } from "./cameraAction.ts";
import { EditsInHand, type EditTools, type SaveState } from "./EditsInHand.ts";
import { latestOnly } from "./latestOnly.ts";
import { takeWaiting } from "./waiting.ts";

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
  const [hand] = useState(() => new EditsInHand(loaded, toolsFor(loaded.id, submit)));
  // Not while it is drawn: a drawing may be thrown away and begun anew, and what waited would be gone with it.
  useEffect(() => takeInHand(hand, loaded.id), [hand, loaded.id]);
  const query = useCallback(() => getCamera(loaded.id), [loaded.id]);
  const first = useMemo(() => ({ ok: true, value: loaded }) as Awaited<ReturnType<typeof getCamera>>, [loaded]);
  const live = useLive(first, query);
  useEffect(() => {
    if (!live.value.ok) return;
    hand.arrives(live.value.value);
    // It may have been gone for a while (deleted, and brought back): what could not be stored then can be now.
    if (hand.shown().saveState !== "saved" && hand.shown().saveState !== "saving") void hand.flush();
  }, [live, hand]);
  useEffect(() => {
    window.addEventListener("pagehide", hand.flush);
    return () => {
      window.removeEventListener("pagehide", hand.flush);
      void hand.flush();
    };
  }, [hand]);
  const { camera, saveState } = useSyncExternalStore(hand.subscribe, hand.shown, hand.shown);
  const send = useCallback(
    (action: Exclude<CameraAction, { type: "edit" }>) => {
      void hand.flush().then(async () => {
        const { stored, failed } = await sent(loaded.id, action, submit.current);
        if (stored !== null) hand.arrives(stored);
        if (failed !== null) notify(failed.message, { urgent: true });
      });
    },
    [hand, loaded.id],
  );
  const retry = useCallback(() => void hand.flush(), [hand]);
  const trouble = live.status === "failed" ? live.failure : live.value.ok ? null : live.value.error;
  return { camera, saveState: trouble ?? saveState, edit: hand.edit, hold: hand.hold, send, retry };
}

/** Takes the edits of earlier pages in hand that could not be stored yet. */
function takeInHand(hand: EditsInHand, cameraId: string): void {
  for (const { id, label, changes } of takeWaiting(cameraId)) {
    hand.edit(label, (camera) => withChanges(camera, changes, "redo"));
    // This page has noted it by now.
    void strikeUnsaved(id);
  }
}

function toolsFor(id: string, submit: { readonly current: SubmitFunction }): EditTools {
  const note = crypto.randomUUID();
  const write = latestOnly<NoteRow | null>((row) => (row === null ? strikeUnsaved(note) : noteUnsaved(row)));
  return {
    send: (edit) => sent(id, { type: "edit", ...edit }, submit.current),
    note: (unsaved) => {
      const row = unsaved && { id: note, cameraId: id, ...unsaved, at: isoWithOffset(new Date()) };
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
