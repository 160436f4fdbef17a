import { parseTime } from "../../core/basis/units/index.ts";
import { type Camera, withExposed } from "../../core/camera/container/index.ts";
import { changesBetween, type Exposure } from "../../core/document/index.ts";
import { editCamera, getCamera, saveExposure, writeSetting } from "../../storage/index.ts";

/** What is typed of a shot, and what it was reckoned from. */
export interface ShotEntries {
  readonly cameraId: string;
  /** Which of a tray; `none`: not noted, or no tray. */
  readonly number: string;
  /** Time given, as typed. */
  readonly seconds: string;
  readonly openedAt: string;
  readonly suggestedSeconds: number;
  readonly fNumber: number;
  readonly medium: string;
  readonly iso: number;
  readonly ev: number;
  readonly light: string;
  readonly subject: string;
  readonly note: string;
}

export interface ShotAnswer {
  readonly saved: Exposure | null;
  readonly error: string | null;
}

const TEXTS = ["cameraId", "number", "seconds", "openedAt", "medium", "light", "subject", "note"] as const;
const NUMBERS = ["suggestedSeconds", "fNumber", "iso", "ev"] as const;

/** Reads what was sent; `null` where it is no shot of ours. */
export function readShot(sent: unknown): ShotEntries | null {
  if (typeof sent !== "object" || sent === null) return null;
  const form = sent as Partial<Record<string, unknown>>;
  const whole =
    TEXTS.every((name) => typeof form[name] === "string") && NUMBERS.every((name) => Number.isFinite(form[name]));
  return whole ? (sent as ShotEntries) : null;
}

/** Logs a shot. */
export async function saveShot(shot: ShotEntries): Promise<ShotAnswer> {
  const seconds = parseTime(shot.seconds);
  if (!seconds.ok) return { saved: null, error: seconds.error };
  const camera = await getCamera(shot.cameraId);
  if (!camera.ok) return { saved: null, error: camera.error.message };
  const { openedAt, suggestedSeconds, fNumber, medium, iso, ev, light, subject, note } = shot;
  const number = /^\d+$/.test(shot.number) ? Number(shot.number) : null;
  const written = await saveExposure({
    id: crypto.randomUUID(),
    cameraId: camera.value.id,
    cameraName: camera.value.name,
    number,
    openedAt,
    seconds: seconds.value,
    suggestedSeconds,
    fNumber,
    medium,
    iso,
    light: light.trim(),
    ev,
    subject: subject.trim(),
    note: note.trim(),
  });
  if (!written.ok) return { saved: null, error: written.error.message };
  await turnOver(camera.value, number, openedAt);
  // The shot is logged: a draft that stays is no reason to say otherwise.
  await writeSetting("draft", { subject: "", note: "" }).catch(() => undefined);
  return { saved: written.value, error: null };
}

/** The one of a tray that was used is exposed: so the Bench has it, where that can be taken back. */
async function turnOver(camera: Camera, number: number | null, now: string): Promise<void> {
  if (number === null) return;
  const changes = changesBetween(camera, withExposed(camera, number));
  if (changes.length > 0) await editCamera(camera.id, { label: `No. ${number} exposed`, changes }, now);
}
