import { useCallback, useState } from "react";
import type { Trail } from "../../../core/document/index.ts";
import { type Pose, phoneAxes, poseFrom } from "../../../core/viewfinder/index.ts";
import { aimOf } from "./finderView.ts";
import type { Attitude } from "./phone/useAttitude.ts";

/** As the phone is held where nobody knows how. */
const STRAIGHT: Pose = { azimuth: 0, elevation: 0, roll: 0 };

/** Where a box looks, and where it should. */
export interface Aim {
  /** How the box looks now, as the maker noted it; `null`: not yet. */
  readonly box: Pose | null;
  /** How it should look. */
  readonly wanted: Pose;
  /** How it looks now as far as the moves are concerned; `null`: nothing can be said before the phone has told. */
  readonly from: Pose | null;
  /** How the phone is held over the ground; `null`: a photograph, or nothing told. */
  readonly heldNow: () => Pose | null;
  /** The box's pose as the phone sees it. */
  readonly poseNow: () => Pose;
  /** Whether a plan over the ground can be shown. */
  readonly overGround: boolean;
  readonly turn: (by: Pick<Pose, "azimuth" | "elevation">) => void;
  /** The frame goes back to where the box looks, or where its plan has it look. */
  readonly back: () => void;
  /** The box looks as the phone is held now. */
  readonly stands: () => void;
}

/** Keeps where the box looks and where it should, from the phone, the finger and the plan of a months-long exposure. */
export function useAim(attitude: Attitude, trail: Trail | null, ofPhotograph: boolean): Aim {
  const planned = trail === null ? null : aimOf(trail.aim);
  const [box, setBox] = useState<Pose | null>(null);
  const [wanted, setWanted] = useState<Pose>(planned ?? STRAIGHT);
  // A plan is over the ground as a map has it: from a phone that does not know north it can't be shown.
  const overGround = trail === null || attitude.knowsNorth;
  // A photograph was taken once: how the phone is held now says nothing of it.
  const heldNow = useCallback((): Pose | null => {
    const axes = ofPhotograph ? null : attitude.axes.current;
    return axes === null ? null : poseFrom(STRAIGHT, axes);
  }, [ofPhotograph, attitude.axes]);
  const poseNow = useCallback((): Pose => {
    // Over the ground the frame stands where the box looks, or where its plan has it look.
    const held = (box === null && trail === null) || !overGround ? null : heldNow();
    if (held === null && trail !== null) return STRAIGHT;
    return poseFrom(wanted, phoneAxes(held ?? STRAIGHT));
  }, [box, trail, overGround, wanted, heldNow]);
  const from = box ?? (trail === null ? STRAIGHT : null);
  return {
    box,
    wanted,
    from,
    heldNow,
    poseNow,
    overGround,
    turn: ({ azimuth, elevation }) =>
      setWanted((now) => ({ ...now, azimuth: now.azimuth + azimuth, elevation: now.elevation + elevation })),
    back: () => setWanted(planned ?? box ?? STRAIGHT),
    stands: () => {
      const held = heldNow();
      if (held === null) return;
      setBox(held);
      if (trail === null) setWanted(held);
    },
  };
}
