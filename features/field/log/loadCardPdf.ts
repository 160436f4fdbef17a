import { mediumById } from "../../../catalogue/media.ts";
import { formatTime } from "../../../core/basis/units/index.ts";
import type { Exposure, Load } from "../../../core/document/index.ts";
import { filledLogCard, type LogField, layOut, PAPERS } from "../../../core/make/cutsheet/index.ts";
import { readSettings, shotsOfLoad } from "../../../storage/index.ts";
import { readableDay } from "../../../ui/localTime.ts";
import { notify } from "../../../ui/notify.ts";
import { fileName, saveFile } from "../../../ui/saveFile.ts";
import { cutsheetPdfClient } from "../../../workers/cutsheetPdf.client.ts";

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
  const [paper] = PAPERS;
  if (paper === undefined) return;
  const [shots, { printScale }] = await Promise.all([shotsOfLoad(load.id), readSettings()]);
  const camera = load.cameraName ?? "";
  const medium = mediumById(load.places[0]?.medium).name;
  const card = filledLogCard(camera, readableDay(load.at), medium, loadFields(load, shots));
  const pages = layOut([card], paper, { camera, date: readableDay(now) }, printScale);
  const made = await cutsheetPdfClient.run({ pages, title: `${camera}: card of a load`, createdAt: now });
  if (made.ok) saveFile(fileName(`${camera} load ${load.at.slice(0, 10)}`, ".pdf"), made.value, "application/pdf");
  else notify(`The card could not be made: ${made.error.message}.`, { urgent: true });
}
