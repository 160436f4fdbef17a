import { type Camera, lightProof } from "../camera/container/index.ts";
import { FULL_SUN_EV, type Medium, sheetTime } from "../light/exposure/index.ts";
import type { Hidden } from "./sessions.ts";

/**
 * By how much a sheet was exposed too long, by what the light and the paper truly were.
 *
 * @param fNumber of the camera with this medium
 * @param hidden what a session hides; `null`: the light was as it was noted, the medium as its box says
 * @returns stops; below 0: too short
 * @source PHYSICS section 3
 * @example stopsOver({ seconds: 60, ev: 15 }, 240, { iso: 6, longTime: { kind: "none" } }, null) // 1.03…
 */
export function stopsOver(
  { seconds, ev }: { readonly seconds: number; readonly ev?: number | null },
  fNumber: number,
  { iso, longTime }: Pick<Medium, "iso" | "longTime">,
  hidden: Pick<Hidden, "ev" | "paperStops"> | null,
): number {
  const light = hidden?.ev ?? ev ?? FULL_SUN_EV;
  return Math.log2(seconds / sheetTime(light, fNumber, { iso: iso * 2 ** (hidden?.paperStops ?? 0), longTime }));
}

/**
 * Whether light came in beside the lid while a sheet was in the camera: in a session where it leaks, until a test has proved
 * it tight.
 *
 * @param openedAt when the sheet was exposed, ISO 8601
 * @param instantOf what a time of ISO 8601 is as a number, such as `Date.parse`
 * @example leakedOn({ lightTests: [] }, "2026-12-01T12:00:00Z", { leaks: true }, Date.parse) // true
 */
export function leakedOn(
  camera: Pick<Camera, "lightTests">,
  openedAt: string,
  { leaks }: Pick<Hidden, "leaks">,
  instantOf: (time: string) => number,
): boolean {
  const { state, last } = lightProof(camera);
  return leaks && (state !== "proved" || last === null || instantOf(last.at) > instantOf(openedAt));
}
