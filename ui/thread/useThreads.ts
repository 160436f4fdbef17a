import { useCallback } from "react";
import type { Camera } from "../../core/camera/container/index.ts";
import type { Thread } from "../../core/thread/index.ts";
import { readThreadOf, readThreads, useLive } from "../../storage/index.ts";

const NONE: ReadonlyMap<string, Thread> = new Map();

/** Where each of some cameras stands on its way, followed as it changes; empty until it is known. */
export function useThreads(cameras: readonly Camera[]): ReadonlyMap<string, Thread> {
  return useLive(
    NONE,
    useCallback(() => readThreads(cameras), [cameras]),
  ).value;
}

/** Where one camera stands on its way; `null` until it is known, and where the camera can't be read. */
export function useThread(cameraId: string): Thread | null {
  const query = useCallback(() => readThreadOf(cameraId), [cameraId]);
  return useLive(null, query).value;
}
