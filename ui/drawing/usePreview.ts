import { useEffect, useRef, useState } from "react";
import type { DevelopedPreview, PreviewRequest } from "../../core/bench/preview/index.ts";
import { scatteredShare } from "../../core/camera/container/index.ts";
import type { SunStay } from "../../core/sun/index.ts";
import { runPreview } from "../../workers/jobs/preview/preview.client.ts";

const COARSE = 320;
/** The hand counts as still when nothing has changed for this long, ms. */
const STILL_MS = 50;
/** A preview under way: the best picture so far, and how far the finer one is. */
export interface PreviewState {
  readonly picture: DevelopedPreview | null;
  readonly progress: number | null;
  readonly failed: string | null;
}

/**
 * Draws a preview coarse at once and fine a moment later; starts over when something changes.
 *
 * @param request without its size; `null` draws nothing yet
 * @param fine pixels on the longer side of the finished picture
 * @param stay how a camera hangs that is for the sun's trails; `null`: for half a year, somewhere
 */
export function usePreview(
  request: Omit<PreviewRequest, "pixels"> | null,
  fine: number,
  stay: SunStay | null = null,
): PreviewState {
  const [state, setState] = useState<PreviewState>({ picture: null, progress: null, failed: null });
  const key = request === null ? "" : keyOf(request, stay);
  // A photograph is known by being the same object: its pixels are too many to compare.
  const scene = request?.scene;
  const latest = useRef(request);
  latest.current = request;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the request is read through the ref; key and photograph say when it is another
  useEffect(() => {
    const wanted = latest.current;
    if (wanted === null || key === "") return;
    const stop = new AbortController();
    const draw = async (pixels: number): Promise<boolean> => {
      const done = await runPreview(
        { ...wanted, pixels },
        {
          signal: stop.signal,
          ...(stay && { stay }),
          onProgress: (progress) => pixels === fine && setState((before) => ({ ...before, progress })),
        },
      );
      if (stop.signal.aborted) return false;
      if (!done.ok) {
        setState((before) => ({ ...before, progress: null, failed: done.error.message }));
        return false;
      }
      setState({ picture: done.value, progress: pixels === fine ? null : 0, failed: null });
      return true;
    };
    // While the hand is still moving the workers leave the processor to the drawing.
    const wait = setTimeout(() => void draw(COARSE).then((going) => going && draw(fine)), STILL_MS);
    return () => {
      clearTimeout(wait);
      stop.abort();
    };
  }, [key, scene, fine]);
  return state;
}

/** What a preview depends on, as text: names, notes and the log of edits do not matter to it. */
function keyOf({ camera, scene, ...rest }: Omit<PreviewRequest, "pixels">, stay: SunStay | null): string {
  const { chambers, measurements, purpose } = camera;
  const sceneId = typeof scene === "string" ? scene : "own";
  return JSON.stringify([chambers[0], scatteredShare(camera), measurements, purpose, sceneId, rest, stay]);
}
