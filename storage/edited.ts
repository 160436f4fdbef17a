import type { Camera } from "../core/camera/container/index.ts";
import type { Negative, Trail } from "../core/document/index.ts";

/** Records that are edited by hand, by the name of their collection. */
export interface Edited {
  cameras: Camera;
  negatives: Negative;
  trails: Trail;
}
export type EditedName = keyof Edited;
