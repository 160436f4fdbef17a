import type { Camera } from "../model/camera.ts";

/** A change that mends something; `mend` says which, for the words of its button. */
export interface Fix<M> {
  readonly mend: M;
  readonly apply: (camera: Camera) => Camera;
}
