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
    metered: {
      fNumber: "f/22",
      iso: "ISO 6",
      factor: "× 100",
      rows: [
        "1/125 s",
        "1/60 s",
        "1/30 s",
        "1/15 s",
        "1/8 s",
        "1/4 s",
        "1/2 s",
        "1 s",
        "2 s",
        "4 s",
        "8 s",
        "15 s",
      ].map((meter) => ({ meter, time: "23 min 20 s" })),
    },
    taughtBy: 0,
    code: null,
    numbers: [1],
    ...more,
  };
}
