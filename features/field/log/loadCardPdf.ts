import { mediumById } from "../../../catalogue/media.ts";
import { formatTime } from "../../../core/basis/units/index.ts";
import type { Exposure, Load } from "../../../core/document/index.ts";
import { filledLogCard, type LogField } from "../../../core/make/cutsheet/index.ts";
import { shotsOfLoad } from "../../../storage/index.ts";
import { savePartsPdf } from "../../../ui/files/partPdf.ts";
import { readableDay } from "../../../ui/format/localTime.ts";

/** The fields of a load’s card, filled from its shots. */
function loadFields(load: Load, shots: readonly Exposure[]): readonly LogField[] {
  return load.places.map(({ place, exposureId, initials = "" }) => {
    const shot = shots.find(({ id }) => id === exposureId);
    return {
      place,
      subject: shot?.subject ?? "",
      time: shot === undefined ? "" : formatTime(shot.seconds),
      light: shot?.light ?? "",
      by: initials,
    };
  });
}

/** Saves a load’s card as a PDF at true size, with check rulers. */
export async function saveLoadCard(load: Load, now: string): Promise<void> {
  const shots = await shotsOfLoad(load.id);
  const camera = load.cameraName ?? "";
  const medium = mediumById(load.places[0]?.medium).name;
  const card = filledLogCard(camera, readableDay(load.at), medium, loadFields(load, shots));
  const words = `${camera} load ${load.at.slice(0, 10)}`;
  await savePartsPdf([card], { words, foot: camera, title: `${camera}: card of a load` }, now);
}
