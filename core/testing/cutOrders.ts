import type { Camera } from "../camera/container/index.ts";
import type { CutOrder } from "../make/cutsheet/index.ts";

/** A cut order for a camera, without a code. */
export function cutOrderFor(camera: Camera, more: Partial<CutOrder> = {}): CutOrder {
  return {
    camera,
    diameter: 0.3,
    band: [0.26, 0.33],
    format: null,
    words: (mm) => `${mm.toFixed(1)} mm`,
    fNumber: "f/220",
    medium: "Graded RC paper, ISO 6",
    times: [
      { light: "Full sun", time: "24 s" },
      { light: "Hazy sun", time: "48 s" },
    ],
    code: null,
    rim: null,
    numbers: [1],
    ...more,
  };
}
