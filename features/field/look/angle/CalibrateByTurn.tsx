import { useState } from "react";
import { RADIANS, turnBetween } from "../../../../core/basis/units/index.ts";
import {
  calibrationError,
  LEAST_FIT,
  type PhoneModel,
  type PhonePicture,
  type Pose,
  turnedFocalLength,
  turnSeen,
} from "../../../../core/viewfinder/index.ts";
import type { FinderSetting } from "../../../../storage/index.ts";
import { Button } from "../../../../ui/controls/Button.tsx";
import { inDegrees } from "../finderView.ts";

/** A turn that both the sensors and the pictures tell well, degrees. */
const [LEAST, MOST] = [8, 22];
/** How sure sensors and pictures are of a turn, degrees; pictures by the test of `turnSeen`, sensors by common practice. */
const [SENSED, SEEN] = [0.5, 0.4];

/** Finds the phone's angle by turning it: the sensors tell by how much, the pictures how far all moved. */
export function CalibrateByTurn({
  phone,
  look,
  heldNow,
  onFound,
}: {
  readonly phone: PhoneModel;
  readonly look: () => PhonePicture | null;
  readonly heldNow: () => Pose | null;
  readonly onFound: (found: FinderSetting) => void;
}) {
  const [begun, setBegun] = useState<{ readonly picture: PhonePicture; readonly held: Pose } | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const begin = (): void => {
    const [picture, held] = [look(), heldNow()];
    setSaid(null);
    if (picture !== null && held !== null) setBegun({ picture, held });
  };
  const end = (): void => {
    const [picture, held] = [look(), heldNow()];
    if (begun === null || picture === null || held === null) return;
    setBegun(null);
    const turned = turnBetween(inDegrees(begun.held).azimuth, inDegrees(held).azimuth);
    if (!(Math.abs(turned) >= LEAST && Math.abs(turned) <= MOST)) {
      setSaid(`That was ${Math.abs(turned).toFixed(0)}°. Turn it by ${LEAST} to ${MOST}°, and hold it level.`);
      return;
    }
    const seen = turnSeen(begun.picture, picture, phone);
    if (seen === null || seen.fit < LEAST_FIT || seen.azimuth * turned <= 0) {
      setSaid("The two views don’t show enough of the same. Aim at something far with edges in it.");
      return;
    }
    const focal = turnedFocalLength(phone.focalLength, seen.azimuth, turned * RADIANS);
    const error = calibrationError([turned, SENSED], [turned, SEEN]);
    onFound({ focal: Math.min(10, Math.max(0.1, focal / Math.hypot(phone.width, phone.height))), error });
  };
  return (
    <div className="mt-3 grid gap-2" data-by-turn={begun === null ? "no" : "begun"}>
      <p>
        Or turn it: aim at something far, press, turn the phone to one side by a hand’s breadth at arm’s length, and
        press again.
      </p>
      <Button className="min-h-[3.3rem]" onClick={begun === null ? begin : end}>
        {begun === null ? "Begin the turn" : "It is turned"}
      </Button>
      {said !== null && <p role="alert">{said}</p>}
    </div>
  );
}
