import { useCallback, useRef } from "react";
import { useFetcher } from "react-router";
import type { Camera } from "../../core/camera/container/index.ts";
import { getCamera, type StorageFailure } from "../../storage/index.ts";
import { useLive } from "../../ui/useLive.ts";
import { makeEdit } from "./makeData.ts";

/** The camera being made: kept in step with the database, edited through the route's action. */
export interface MakingInHand {
  readonly camera: Camera;
  readonly failed: StorageFailure | null;
  readonly edit: (label: string, change: (camera: Camera) => Camera) => void;
}

/** Follows a camera, and stores what is changed on it. */
export function useMaking(loaded: Camera): MakingInHand {
  const fetcher = useFetcher<StorageFailure | null>();
  const query = useCallback(() => getCamera(loaded.id), [loaded.id]);
  const live = useLive<Awaited<ReturnType<typeof getCamera>>>({ ok: true, value: loaded }, query);
  const camera = live.ok ? live.value : loaded;
  // Ticks follow each other quicker than the database answers: each is made on the one before.
  const latest = useRef(camera);
  const stored = useRef(camera);
  if (stored.current !== camera) {
    stored.current = camera;
    latest.current = camera;
  }
  const edit = (label: string, change: (camera: Camera) => Camera): void => {
    const next = change(latest.current);
    const sent = makeEdit(label, latest.current, next);
    latest.current = next;
    if (sent.changes.length > 0) {
      void fetcher.submit(JSON.stringify(sent), { method: "post", encType: "application/json" });
    }
  };
  return { camera, failed: fetcher.data ?? (live.ok ? null : live.error), edit };
}
