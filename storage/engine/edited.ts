import type { Camera } from "../../core/camera/container/index.ts";
import type { Exposure, Negative, Records } from "../../core/document/index.ts";

/** A setting under its name, as the engine changes it. */
export interface KeptSetting {
  readonly id: string;
  readonly value: unknown;
}

/** Records that are changed step by step, by the name of their collection. */
export interface Edited extends Records {
  readonly cameras: Camera;
  readonly negatives: Negative;
  readonly exposures: Exposure;
  readonly settings: KeptSetting;
}
export type EditedName = keyof Edited;

/** Collections whose records pages hold while they are edited: their time of change tells an older echo from a newer one. */
export const HELD = ["cameras", "negatives", "trails"] as const;
export type HeldName = (typeof HELD)[number];
