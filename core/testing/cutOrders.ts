import type { Camera } from "../camera/container/index.ts";
import type { CutOrder } from "../make/cutsheet/index.ts";
import { planFor } from "./plans.ts";

/** A cut order for a camera, without a code. */
export function cutOrderFor(camera: Camera, more: Partial<CutOrder> = {}): CutOrder {
  return {
    plan: planFor(camera),
    words: (mm) => `${mm.toFixed(1)} mm`,
    fNumber: "f/220",
    medium: "Graded RC paper, ISO 6",
    times: [
      { light: "Full sun", time: "24 s" },
      { light: "Hazy sun", time: "48 s" },
    ],
    code: null,
    numbers: [1],
    ...more,
  };
}
