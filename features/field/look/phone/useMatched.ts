import { useEffect, useMemo, useRef, useState } from "react";
import {
  LEAST_FIT,
  type PhoneAxes,
  type PhoneModel,
  type PhonePicture,
  type Pose,
  phoneAxes,
  turnSeen,
} from "../../../../core/viewfinder/index.ts";
import type { Attitude } from "./useAttitude.ts";

/** The pictures are matched so often, ms. */
const MATCH_MS = 150;
/** After such a turn the next pictures are matched with the newest: what the first showed is half out of sight, radians. */
const FAR = 0.12;

/** How a phone is held by what its pictures show. */
export interface Matched extends Attitude {
  /** Whether the newest picture fits none before it. */
  readonly lost: boolean;
}

/**
 * How a phone that does not tell it is held, by matching its pictures: from where it was held at first, taken for level.
 *
 * @param active whether to match: there is a live view, and no sensor
 */
export function useMatched(active: boolean, look: () => PhonePicture | null, phone: PhoneModel): Matched {
  const axes = useRef<PhoneAxes | null>(null);
  const [found, setFound] = useState(false);
  const [lost, setLost] = useState(false);
  const latest = useRef({ look, phone });
  latest.current = { look, phone };
  useEffect(() => {
    if (!active) return;
    let key: { readonly picture: PhonePicture; readonly pose: Pose } | null = null;
    const timer = setInterval(() => {
      const picture = latest.current.look();
      if (picture === null) return;
      if (key === null || key.picture.width !== picture.width) {
        key = { picture, pose: { azimuth: 0, elevation: 0, roll: 0 } };
        axes.current = phoneAxes(key.pose);
        return setFound(true);
      }
      const turn = turnSeen(key.picture, picture, latest.current.phone);
      const fits = turn !== null && turn.fit >= LEAST_FIT;
      setLost(!fits);
      if (!fits) return;
      const { azimuth, elevation } = key.pose;
      const pose = { azimuth: azimuth + turn.azimuth, elevation: elevation + turn.elevation, roll: 0 };
      axes.current = phoneAxes(pose);
      if (Math.hypot(turn.azimuth, turn.elevation) > FAR) key = { picture, pose };
    }, MATCH_MS);
    return () => {
      clearInterval(timer);
      axes.current = null;
      setFound(false);
      setLost(false);
    };
  }, [active]);
  return useMemo(
    () => ({ axes, state: found ? "told" : "waiting", knowsNorth: false, listen: async () => {}, lost }),
    [found, lost],
  );
}
