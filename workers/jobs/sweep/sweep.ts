import {
  emptySweep,
  type PhoneModel,
  type PhonePicture,
  type Pose,
  phoneAxes,
  type Sweep,
  type SweptView,
  sweepInto,
} from "../../../core/viewfinder/index.ts";
import type { Job } from "../../transport/protocol.ts";

/** One more picture of a phone for the view that is being gathered. */
export interface SweepOrder {
  /** Of which view: another key is another view, and the one before is forgotten. */
  readonly key: number;
  /** What the view spans, degrees. */
  readonly across: number;
  readonly down: number;
  readonly picture: PhonePicture;
  readonly phone: PhoneModel;
  /** How the phone was held, as seen from the box, radians. */
  readonly pose: Pose;
  /** Whether the view is wanted now. */
  readonly give: boolean;
}

/** The share of the view that was seen by now, 0 to 1, and the view where it was wanted. */
export interface SweepReport {
  readonly share: number;
  readonly view: SweptView | null;
}

/** Pixels of the view for each degree: finer than a hole draws at such a size. */
const PER_DEGREE = 3;

/** Gathers what a phone sees, picture by picture; the view stays here until it is wanted. */
export function sweeper(): Job<SweepOrder, SweepReport> {
  let held: { readonly key: number; readonly view: Sweep } | null = null;
  return async ({ key, across, down, picture, phone, pose, give }) => {
    if (held?.key !== key) held = { key, view: emptySweep(Math.round(PER_DEGREE * across), across, down) };
    const share = sweepInto(held.view, picture, phone, phoneAxes(pose));
    // The looks stay here.
    const { looks: _, counts: __, ...view } = held.view;
    return { output: { share, view: give ? view : null }, transfer: [] };
  };
}
