import { useEffect, useState } from "react";
import type { Found } from "../../../core/bench/finder/index.ts";
import { withLayout } from "../../../core/bench/finder/index.ts";
import type { DevelopedPreview } from "../../../core/bench/preview/index.ts";
import { type Camera, settled, solveRequest } from "../../../core/camera/container/index.ts";
import { FULL_SUN_EV, sheetTime } from "../../../core/light/exposure/index.ts";
import type { Optimum } from "../../../core/light/hole/index.ts";
import { solve } from "../../../core/light/solve/index.ts";
import { runPreview } from "../../../workers/jobs/preview/preview.client.ts";
import type { Reading } from "../readings/reading.ts";

/** Pixels on the longer side: as large as they are shown. */
const PIXELS = 132;

/** The picture that each layout would make, one after the other in the order of the list; by key. */
export function useLayoutPictures(
  camera: Camera,
  medium: Reading["medium"],
  ideal: Optimum,
  found: readonly Found[],
  keyOf: (found: Found) => string,
): ReadonlyMap<string, DevelopedPreview> {
  const [pictures, setPictures] = useState<ReadonlyMap<string, DevelopedPreview>>(new Map());
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was found stands for the camera that it was found for
  useEffect(() => {
    const stop = new AbortController();
    const draw = async (): Promise<void> => {
      for (const each of found) {
        const made = settled(withLayout(camera, each.layout), medium, ideal);
        const { width, height } = made.chambers[0].film;
        const scale = PIXELS / Math.max(width, height);
        const size = { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
        const seconds = sheetTime(FULL_SUN_EV, solve(solveRequest(made, medium)).fNumber, medium);
        const done = await runPreview(
          { camera: made, medium, scene: "allotment", seconds, stops: 0, walking: false, flashes: 0, pixels: PIXELS },
          size,
          { signal: stop.signal },
        );
        if (stop.signal.aborted) return;
        if (done.ok) setPictures((before) => new Map(before).set(keyOf(each), done.value));
      }
    };
    setPictures(new Map());
    void draw();
    return () => stop.abort();
  }, [found, medium]);
  return pictures;
}
