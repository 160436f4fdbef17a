import { useCallback, useEffect, useState } from "react";
import type { Camera } from "../../core/camera/container/index.ts";
import type { Thread } from "../../core/thread/index.ts";
import { getEdited, readThreads, useLive } from "../../storage/index.ts";
import { useRested } from "../page/useRested.ts";

const NONE: ReadonlyMap<string, Thread> = new Map();

/** Where each of some cameras stands on its way, followed as it changes; empty until it is known. */
export function useThreads(cameras: readonly Camera[]): ReadonlyMap<string, Thread> {
  return useLive(
    NONE,
    useCallback(() => readThreads(cameras), [cameras]),
  ).value;
}

/**
 * Where one camera stands on its way; `null` until it is known, and where the camera can't be read.
 *
 * @param changes another value whenever some camera has changed: while a hand moves a design it is not read, only when it rests
 */
export function useThread(cameraId: string, changes: unknown): Thread | null {
  const rested = useRested(changes, false);
  const [cameras, setCameras] = useState<readonly Camera[]>([]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is read anew when another change has come to rest
  useEffect(() => {
    let wanted = true;
    void getEdited("cameras", cameraId).then((camera) => {
      if (wanted) setCameras(camera.ok ? [camera.value] : []);
    });
    return () => {
      wanted = false;
    };
  }, [cameraId, rested]);
  return useThreads(cameras).get(cameraId) ?? null;
}
