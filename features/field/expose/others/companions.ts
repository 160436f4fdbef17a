import { mediumById } from "../../../../catalogue/media.ts";
import { type Camera, isTrail, type LengthWords, loadPlaces } from "../../../../core/camera/container/index.ts";
import { type Count, type Load, type Meter, placesHeld, withOpen } from "../../../../core/document/index.ts";
import type { Medium } from "../../../../core/light/exposure/index.ts";
import { listCameras, presentLoad } from "../../../../storage/index.ts";
import type { LogExperience } from "../../../../ui/records/useExperience.ts";
import { type LightSource, readLight } from "../../light/readLight.ts";
import { nextPlace } from "../load/loading.ts";
import { type Suggestion, suggest } from "../suggestion.ts";

/** A camera with what is noted to be in it. */
export interface CameraLoaded {
  readonly camera: Camera;
  readonly load: Load | null;
}

/** What a light is read by and what the log knows: the same for all cameras that stand in it. */
export interface InThisLight {
  readonly source: LightSource;
  readonly meters: readonly Meter[];
  readonly log: LogExperience;
  readonly words: LengthWords;
}

/** The time for a camera in this light. */
export function timeIn(
  { source, meters, log, words }: InThisLight,
  {
    camera,
    medium,
    iso,
    flashed,
  }: { readonly camera: Camera; readonly medium: Medium; readonly iso: number; readonly flashed: boolean },
): ReturnType<typeof suggest> {
  const reading = readLight(source, medium, meters);
  if (!reading.ok) return reading;
  const key = log.alike.get(camera.id) ?? camera.id;
  const shots = log.lessons.filter(({ lesson }) => lesson.camera === key && !lesson.spoilt).length;
  const keys = { camera: key, medium: medium.id, light: reading.value.key };
  return suggest(camera, medium, iso, reading.value, { experience: log.experience, keys, shots }, words, flashed);
}

/** Another camera that can be opened by the same press: its sheet that is next, and how long. */
export interface Companion extends CameraLoaded {
  readonly place: string | null;
  readonly medium: Medium;
  readonly iso: number;
  readonly suggestion: Suggestion;
  readonly seconds: number;
}

/** Why a camera can't be opened along. */
export type Alone = "open" | "nothing left" | "no time";

/** A camera as a companion, or why it can't be one. */
export function companionOf(
  { camera, load }: CameraLoaded,
  counts: readonly Count[],
  light: InThisLight,
): Companion | Alone {
  const own = mediumById(camera.chambers[0].film.medium);
  const mine = counts.filter(({ cameraId }) => cameraId === camera.id);
  // Of a tray each has its own hole; of any other camera one is open at a time.
  if (camera.set == null && mine.some(({ closedMs }) => closedMs === null)) return "open";
  const held = withOpen(placesHeld(camera, load, own.id, own.iso), mine);
  const place = nextPlace(held, null);
  if (held !== null && place === null) return "nothing left";
  const loaded = held?.find((each) => each.place === place) ?? null;
  const medium = mediumById(loaded?.medium ?? own.id);
  const iso = loaded?.iso ?? own.iso;
  const suggestion = timeIn(light, { camera, medium, iso, flashed: loaded?.flashed ?? false });
  if (!suggestion.ok) return "no time";
  const seconds = loaded?.plannedSeconds ?? suggestion.value.counted[1];
  return { camera, load, place, medium, iso, suggestion: suggestion.value, seconds };
}

/** The number a place bears on the camera; `null`: none. */
export function numberOf(camera: Camera, place: string | null): number | null {
  return loadPlaces(camera).find(({ id }) => id === place)?.number ?? null;
}

/** All cameras that take single pictures, the loaded ones first. */
export async function readOthers(): Promise<readonly CameraLoaded[]> {
  const { cameras } = await listCameras();
  const all = await Promise.all(
    cameras
      .filter((camera) => !isTrail(camera))
      .map(async (camera) => ({ camera, load: await presentLoad(camera.id) })),
  );
  return [...all.filter(({ load }) => load !== null), ...all.filter(({ load }) => load === null)];
}

/** What is counted of a companion, or of the camera in hand. */
export function countFor(
  { camera, load, place, medium, iso, suggestion, seconds }: Companion,
  id: string,
  words: Count["words"],
): Omit<Count, "openedMs" | "closedMs" | "countedMs" | "pauses"> {
  const { reading, formula, fNumber } = suggestion;
  return {
    id,
    cameraId: camera.id,
    cameraName: camera.name,
    loadId: load?.id ?? null,
    place,
    number: numberOf(camera, place),
    targetSeconds: seconds,
    meteredSeconds: formula.meteredSeconds,
    longTime: medium.longTime,
    medium: medium.id,
    iso,
    fNumber,
    ev: reading.ev,
    light: reading.name,
    lightKey: reading.key,
    meter: reading.meter,
    spots: reading.spots,
    words,
  };
}
