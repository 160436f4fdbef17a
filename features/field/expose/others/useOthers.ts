import { useMemo } from "react";
import { useLive } from "../../../../storage/index.ts";
import type { CountNow } from "../../count/useCounts.ts";
import { type CameraLoaded, companionOf, type InThisLight, readOthers } from "./companions.ts";
import type { Other } from "./WithOthers.tsx";

const NONE: readonly CameraLoaded[] = [];
const readNone = (): Promise<readonly CameraLoaded[]> => Promise.resolve(NONE);

/** The other cameras, and what each would do in this light; none while nobody asks for them. */
export function useOthers(
  wanted: boolean,
  cameraId: string,
  counts: readonly CountNow[],
  light: InThisLight,
): readonly Other[] {
  const all = useLive(NONE, wanted ? readOthers : readNone).value;
  // The counts are anew every second; what is open is not.
  const open = JSON.stringify(counts.map(({ count }) => [count.cameraId, count.place, count.closedMs]));
  // biome-ignore lint/correctness/useExhaustiveDependencies: what matters of the counts stands in `open`
  return useMemo(
    () =>
      all
        .filter(({ camera }) => camera.id !== cameraId)
        .map((each) => ({
          ...each,
          as: companionOf(
            each,
            counts.map(({ count }) => count),
            light,
          ),
        })),
    [all, cameraId, open, light],
  );
}
