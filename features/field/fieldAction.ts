import { parseTime } from "../../core/basis/units/index.ts";
import { type Camera, withExposed } from "../../core/camera/container/index.ts";
import { changesBetween, type Exposure } from "../../core/document/index.ts";
import { editCamera, getCamera, saveExposure, writeSetting } from "../../storage/index.ts";

export interface ShotAnswer {
  readonly saved: Exposure | null;
  readonly error: string | null;
}

/** Logs the shot that a sent form describes. */
export async function saveShot(sent: FormData): Promise<ShotAnswer> {
  const text = (name: string): string => String(sent.get(name) ?? "").trim();
  const number = (name: string): number | null => (text(name) === "" ? null : Number(text(name)));
  const seconds = parseTime(text("seconds"));
  if (!seconds.ok) return { saved: null, error: seconds.error };
  const camera = await getCamera(text("cameraId"));
  if (!camera.ok) return { saved: null, error: camera.error.message };
  const suggested = number("suggestedSeconds");
  const written = await saveExposure({
    id: crypto.randomUUID(),
    cameraId: camera.value.id,
    cameraName: camera.value.name,
    number: number("number"),
    openedAt: text("openedAt"),
    seconds: seconds.value,
    suggestedSeconds: suggested,
    fNumber: number("fNumber") ?? 1,
    medium: text("medium"),
    iso: number("iso") ?? 6,
    light: text("light"),
    ev: number("ev"),
    subject: text("subject"),
    note: text("note"),
  });
  if (!written.ok) return { saved: null, error: written.error.message };
  await turnOver(camera.value, written.value.number ?? null, text("openedAt"));
  await writeSetting("draft", { subject: "", note: "" });
  return { saved: written.value, error: null };
}

/** The one of a tray that was used is exposed: so the Bench has it, where that can be taken back. */
async function turnOver(camera: Camera, number: number | null, now: string): Promise<void> {
  if (number === null) return;
  const changes = changesBetween(camera, withExposed(camera, number));
  if (changes.length > 0) await editCamera(camera.id, changes, `No. ${number} exposed`, now);
}
