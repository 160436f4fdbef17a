import { mediumById } from "../../../catalogue/media.ts";
import { sunlit } from "../../../core/bench/preview/index.ts";
import { cameraFNumber } from "../../../core/camera/container/index.ts";
import type { Exposure, Load } from "../../../core/document/index.ts";
import { WALKER_WIDTH } from "../../../core/light/exposure/index.ts";
import { type Hidden, leakedOn, stopsOver } from "../../../core/practice/index.ts";
import type { NegativeScanOrder } from "../../../workers/jobs/scanNegative/scanNegative.ts";
import type { ScanOfWhat } from "./addScans.ts";

/** What the made-up flatbed scans with, and how finely its sheet is drawn, px. */
const FLATBED = { dpi: 300, pixels: 1000 } as const;

/**
 * What the made-up flatbed is asked for: the sheet, exposed as long as the shot was, in the light it was taken in, with
 * what else fell on it.
 *
 * @param loads all that the shot's may be one of
 * @param id of the sheet: the same sheet always gives the same scan
 * @param hidden what a session of practice keeps to itself; `null`: the light and the medium were as they were noted
 */
export function flatbedOrder(
  { camera, shot }: Pick<ScanOfWhat, "camera" | "shot">,
  loads: readonly Load[],
  id: string,
  hidden: Hidden | null = null,
): NegativeScanOrder {
  const known = mediumById(shot?.medium ?? camera.chambers[0].film.medium);
  const medium = { ...known, iso: shot?.iso ?? known.iso };
  const plain = { ...medium, longTime: { kind: "none" as const } };
  return {
    // The scene is lit as on a sunny day: another light is another time for the same sheet.
    request: {
      ...sunlit(camera, plain, FLATBED.pixels),
      stops: shot === null ? 0 : stopsOver(shot, cameraFNumber(camera, medium), medium, hidden),
      ...(hidden !== null && hidden.passes > 0 && { walking: true, walkerSpeed: WALKER_WIDTH / hidden.passes }),
      flashes: shot === null ? 0 : flashesOf(shot, loads),
    },
    dpi: FLATBED.dpi,
    bits: 8,
    hair: true,
    leaks: shot !== null && hidden !== null && leakedOn(camera, shot.openedAt, hidden, Date.parse),
    quarters: 0,
    seed: seedOf(id),
  };
}

/** Flashes a shot's sheet had: before it was loaded, as its load says, and after it was taken out. */
function flashesOf(shot: Exposure, loads: readonly Load[]): number {
  const load = loads.find(({ id }) => id === shot.loadId);
  const before = load?.places.find(({ place }) => place === shot.place)?.flashed === true;
  const after = shot.developed?.postFlashed === true;
  if (before && after) return 2;
  return before || after ? 1 : 0;
}

/** A number of its own for every sheet. */
function seedOf(id: string): number {
  return [...id].reduce((sum, letter) => (Math.imul(sum, 31) + letter.charCodeAt(0)) | 0, 7) >>> 0;
}
