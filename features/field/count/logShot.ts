import { parseTime } from "../../../core/basis/units/index.ts";
import { type Camera, withExposed } from "../../../core/camera/container/index.ts";
import { type Count, type Exposure, parseRecord } from "../../../core/document/index.ts";
import { logExposure } from "../../../storage/index.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";

/** What is typed of a shot when it is logged; the rest is what its count was reckoned from. */
export interface ShotEntries {
  readonly count: Count;
  /** Time given, as typed. */
  readonly seconds: string;
  readonly openedAt: string;
  readonly light: string;
  readonly subject: string;
  readonly where: string;
  readonly weather: string;
  readonly note: string;
}

export interface ShotAnswer {
  readonly id: string;
  readonly saved: Exposure | null;
  readonly error: string | null;
}

const TEXTS = ["seconds", "openedAt", "light", "subject", "where", "weather", "note"] as const;

/** Reads what was sent; `null` where it is no shot of ours. */
export function readShot(sent: unknown): ShotEntries | null {
  if (typeof sent !== "object" || sent === null) return null;
  const form = sent as Partial<Record<string, unknown>>;
  const whole = TEXTS.every((name) => typeof form[name] === "string") && parseRecord("counts", form.count).ok;
  return whole ? (sent as ShotEntries) : null;
}

/** Logs a shot under its count's id: twice sent, it is there once, as it was sent first. Its place is marked, its count is over. */
export async function logShot(shot: ShotEntries): Promise<ShotAnswer> {
  const { count } = shot;
  const refused = (error: string): ShotAnswer => ({ id: count.id, saved: null, error });
  const seconds = parseTime(shot.seconds);
  if (!seconds.ok) return refused(seconds.error);
  const { number } = count;
  // The one of a tray that was used is exposed.
  const turn =
    number == null ? null : { label: `No. ${number} exposed`, change: (camera: Camera) => withExposed(camera, number) };
  const written = await logExposure(exposureFrom(count, shot, seconds.value), isoWithOffset(new Date()), turn);
  if (!written.ok) return refused(written.error.message);
  return { id: count.id, saved: written.value.record, error: null };
}

function exposureFrom(
  count: Count,
  { openedAt, light, subject, where, weather, note }: ShotEntries,
  seconds: number,
): Exposure {
  const {
    words,
    pauses: _,
    openedMs: _opened,
    closedMs: _closed,
    countedMs: _counted,
    targetSeconds,
    ...reckoned
  } = count;
  return {
    ...reckoned,
    openedAt,
    seconds,
    suggestedSeconds: targetSeconds,
    light: light.trim(),
    subject: subject.trim(),
    where: where.trim(),
    weather: weather.trim(),
    note: note.trim(),
    ...(words.position ? { position: words.position } : {}),
  };
}
