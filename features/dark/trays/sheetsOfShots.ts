import type { Exposure } from "../../../core/document/index.ts";
import { readableDay } from "../../../ui/format/localTime.ts";
import { SHEET_CM2 } from "../bottleFacts.ts";
import type { SheetToDo } from "./queueSheets.ts";

/**
 * What shots lie on that wait to be developed: each on its sheet; those of one film all on that.
 *
 * @param shots of one kind of medium, newest first
 * @param areas of a sheet of each camera, cm²
 * @param film whether they are on film: then a load is one length of it
 */
export function sheetsOfShots(
  shots: readonly Exposure[],
  areas: ReadonlyMap<string, number>,
  film: boolean,
): readonly SheetToDo[] {
  const alone = film ? shots.filter(({ loadId }) => !loadId) : shots;
  const loads = film ? [...new Set(shots.map(({ loadId }) => loadId).filter(Boolean))] : [];
  const lengths = loads.flatMap((loadId): readonly SheetToDo[] => {
    const frames = shots.filter((shot) => shot.loadId === loadId);
    const [first] = frames;
    if (!first) return [];
    return [
      {
        id: String(loadId),
        name: `Film of ${first.cameraName ?? "a camera"}, ${frames.length} ${frames.length === 1 ? "shot" : "shots"}`,
        exposureIds: frames.map(({ id }) => id),
        areaCm2: (areas.get(first.cameraId) ?? SHEET_CM2) * frames.length,
      },
    ];
  });
  return [
    ...lengths,
    ...alone.map((shot) => ({
      id: shot.id,
      name: nameOfShot(shot),
      exposureIds: [shot.id],
      areaCm2: areas.get(shot.cameraId) ?? SHEET_CM2,
    })),
  ];
}

/** Which sheet it is, as it stands on its back. */
function nameOfShot({ number, place, subject, cameraName, openedAt }: Exposure): string {
  const where = number ? `No. ${number}` : place && place !== "1" ? place : (cameraName ?? "");
  return [where, subject || readableDay(openedAt)].filter(Boolean).join(", ");
}
