import { useCallback, useEffect, useRef, useState } from "react";
import { useFetcher } from "react-router";
import type { Camera } from "../../../core/camera/container/index.ts";
import { type CameraChange, changesBetween, withChanges } from "../../../core/document/index.ts";
import { getCamera, noteUnsaved, type StorageFailure, strikeUnsaved } from "../../../storage/index.ts";
import { useLive } from "../../../ui/useLive.ts";
import type { BenchAction, BenchAnswer } from "./benchAction.ts";

/** Edits that follow each other within this time, under the same words, are one step of undo. */
const SETTLE_MS = 250;

export type SaveState = "saved" | "saving" | StorageFailure;

/** A design in hand: changed at once on the screen, stored a moment later, kept in step with other tabs. */
export interface Design {
  readonly camera: Camera;
  readonly saveState: SaveState;
  readonly edit: (label: string, change: (camera: Camera) => Camera) => void;
  readonly send: (action: Exclude<BenchAction, { type: "edit" }>) => void;
  /** Tries again to store what could not be stored. */
  readonly retry: () => void;
}

interface Pending {
  /** Edits on their way to the database, in the order they were sent. */
  sent: readonly (readonly CameraChange[])[];
  /** The stored camera with what was sent: what the camera on the screen was changed from. */
  base: Camera;
  camera: Camera;
  label: string | null;
  timer: ReturnType<typeof setTimeout> | null;
}

/**
 * Holds a camera while it is edited. Edits are sent to the route's action as the values they changed; whatever comes
 * back from the database (this edit, an undo, another tab's edit) is taken in under the edits still in hand.
 */
export function useDesign(loaded: Camera): Design {
  const fetcher = useFetcher<BenchAnswer>();
  const query = useCallback(() => getCamera(loaded.id), [loaded.id]);
  const live = useLive<Awaited<ReturnType<typeof getCamera>>>({ ok: true, value: loaded }, query);
  const [camera, setCamera] = useState(loaded);
  const hand = useRef<Pending>({ sent: [], base: loaded, camera: loaded, label: null, timer: null });
  const lastStored = useRef(loaded);
  const submit = useRef(fetcher.submit);
  submit.current = fetcher.submit;
  // To the Bench's own address: when the last edit is sent, another page may already be open.
  const sending = useRef({
    action: `/cameras/${encodeURIComponent(loaded.id)}`,
    method: "post",
    encType: "application/json",
  } as const);

  const flush = useCallback(async () => {
    const now = hand.current;
    if (now.timer !== null) clearTimeout(now.timer);
    now.timer = null;
    const changes = changesBetween(now.base, now.camera);
    if (now.label === null || changes.length === 0) return;
    const label = now.label;
    now.label = null;
    now.base = now.camera;
    now.sent = [...now.sent, changes];
    await submit.current(JSON.stringify({ type: "edit", label, changes }), sending.current);
    now.sent = now.sent.filter((each) => each !== changes);
  }, []);

  const stored = live.ok ? live.value : null;
  useEffect(() => {
    const now = hand.current;
    if (stored === null || stored === lastStored.current) return;
    lastStored.current = stored;
    const inHand = now.label === null ? [] : changesBetween(now.base, now.camera);
    // What is still on its way stays on the screen: an older echo must not throw it back.
    now.base = now.sent.reduce((camera, changes) => withChanges(camera, changes, "redo"), stored);
    now.camera = withChanges(now.base, inHand, "redo");
    setCamera(now.camera);
  }, [stored]);

  const { data: answer, state } = fetcher;
  useEffect(() => {
    const now = hand.current;
    if (answer === undefined || state !== "idle") return;
    if (answer.failed === null) {
      if (now.label === null) strikeUnsaved();
      return;
    }
    // Not stored: the change stays in hand, and the next edit (or a press on “Try again”) sends it along.
    now.base = lastStored.current;
    now.label ??= "edits";
  }, [answer, state]);

  useEffect(() => {
    const leave = (): void => void flush();
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, [flush]);

  const edit = useCallback(
    (label: string, change: (camera: Camera) => Camera) => {
      const now = hand.current;
      const next = change(now.camera);
      if (next === now.camera) return;
      if (now.label !== null && now.label !== label) void flush();
      if (now.timer !== null) clearTimeout(now.timer);
      now.camera = next;
      now.label = label;
      noteUnsaved({ cameraId: next.id, label, changes: changesBetween(lastStored.current, next) });
      now.timer = setTimeout(() => void flush(), SETTLE_MS);
      setCamera(next);
    },
    [flush],
  );

  const send = useCallback(
    (action: Exclude<BenchAction, { type: "edit" }>) => {
      void flush().then(() => submit.current(JSON.stringify(action), sending.current));
    },
    [flush],
  );

  const retry = useCallback(() => void flush(), [flush]);
  const failed = answer?.failed ?? (live.ok ? null : live.error);
  const waiting = hand.current.label !== null || state !== "idle";
  return { camera, saveState: failed ?? (waiting ? "saving" : "saved"), edit, send, retry };
}
