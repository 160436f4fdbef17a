import type { JudgedShot } from "../learning/index.ts";
import { timeFromLight } from "../light/exposure/index.ts";
import type { Exposure } from "./exposure.ts";

/**
 * What a shot of the log teaches: `null` where it was not judged, or where nothing is left of what its sum said.
 *
 * @param alike cameras that share another one's experience, by their ids
 * @returns the shot as `learning` takes it
 * @source PHYSICS section 12
 * @example lessonOf({ id: "a", cameraId: "c", openedAt: "2026-05-01T10:00Z", seconds: 4 }, new Map()) // null
 */
export function lessonOf(shot: Exposure, alike: ReadonlyMap<string, string>): JudgedShot | null {
  const { judged, cameraId, medium, lightKey, light, seconds, longTime, spoilt } = shot;
  const metered = meteredOf(shot);
  if (judged == null || metered === null) return null;
  return {
    camera: alike.get(cameraId) ?? cameraId,
    medium: medium ?? undefined,
    light: lightKey ?? (light || undefined),
    meteredSeconds: metered,
    usedSeconds: seconds,
    correction: judged.correction,
    atLeast: judged.atLeast ?? false,
    sd: judged.sd,
    longTime,
    spoilt: spoilt != null,
  };
}

/** What the sum said: shots logged before it was noted have their light, f-number and ISO. */
function meteredOf({ meteredSeconds, ev, fNumber, iso }: Exposure): number | null {
  if (meteredSeconds != null) return meteredSeconds;
  return ev != null && fNumber !== undefined && iso !== undefined ? timeFromLight(ev, fNumber, iso) : null;
}
