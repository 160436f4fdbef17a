import { useEffect, useState } from "react";
import { type Found, withLayout } from "../../../core/bench/finder/index.ts";
import { type DevelopedPreview, sunlit } from "../../../core/bench/preview/index.ts";
import { type Camera, settled } from "../../../core/camera/container/index.ts";
import type { Optimum } from "../../../core/light/hole/index.ts";
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
        const done = await runPreview(sunlit(made, medium, PIXELS), { signal: stop.signal });
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
