import { useMemo } from "react";
import type { Camera } from "../../core/camera/container/index.ts";
import type { CutOrder } from "../../core/make/cutsheet/index.ts";
import { useLengthWords } from "../../ui/format/UnitContext.ts";
import { useExperience } from "../../ui/records/useExperience.ts";
import { cutOrder } from "./cutOrder.ts";

/** What the papers of a camera are drawn from, followed as the log learns. */
export function useCutOrder(camera: Camera, link: string | null): CutOrder {
  const words = useLengthWords();
  const log = useExperience();
  return useMemo(() => cutOrder(camera, words, link, log), [camera, words, link, log]);
}
