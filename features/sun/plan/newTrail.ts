import { type Camera, isTrail } from "../../../core/camera/container/index.ts";
import type { Trail } from "../../../core/document/index.ts";
import { SOLSTICES, USUAL_STAY } from "../../../core/sun/index.ts";

/** A new plan: from the next solstice to the one after, at the last plan’s site, its horizon still to be traced, with the camera at hand where that is for it, else one that is. */
export function newTrail(cameras: readonly Camera[], before: Trail | null, atHand: string | null): Trail {
  const [first] = cameras;
  const sunny = cameras.filter(isTrail);
  const own =
    sunny.find(({ id }) => id === atHand) ?? sunny[0] ?? cameras.find(({ id }) => id === before?.cameraId) ?? first;
  const site = before?.site ?? USUAL_STAY.site;
  const { from, to } = nextSolstices(new Date());
  return {
    id: crypto.randomUUID(),
    cameraId: own?.id ?? null,
    site,
    aim: { azimuth: site.latitude < 0 ? 0 : 180, elevation: 0, roll: 0 },
    // What stands before a camera is its own place’s.
    horizon: [],
    from,
    to,
    up: null,
    down: null,
  };
}

/** The next solstice and the one after. */
export function nextSolstices(today: Date): { readonly from: string; readonly to: string } {
  const now = today.toISOString().slice(0, 10);
  const year = today.getUTCFullYear();
  const coming = [0, 1, 2]
    .flatMap((more) => SOLSTICES.map((day) => `${year + more}-${day}`))
    .filter((day) => day >= now);
  const [from = now, to = now] = coming;
  return { from, to };
}
