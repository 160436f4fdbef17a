import { type Camera, type LoadPlace, loadPlaces } from "../../../core/camera/container/index.ts";
import { changesBetween, type Load, type LoadedPlace } from "../../../core/document/index.ts";
import { editCamera, loadCamera, saveRecord, takeBackLoading } from "../../../storage/index.ts";
import { isoWithOffset } from "../../../ui/localTime.ts";
import { notify } from "../../../ui/notify.ts";
import type { LoadWish } from "./LoadForm.tsx";

/**
 * What is known of a camera's places: its load, or, where none is noted, which of its tray are turned over.
 *
 * @returns `null` where nothing is known
 */
export function placesHeld(
  camera: Camera,
  load: Load | null,
  medium: string,
  iso: number,
): readonly LoadedPlace[] | null {
  if (load !== null) return load.places;
  const { set } = camera;
  if (!set) return null;
  return loadPlaces(camera).map(({ id, number }) => ({
    place: id,
    medium,
    iso,
    exposureId: number !== null && set.exposed.includes(number) ? "turned over" : null,
  }));
}

/**
 * The place to expose next: the one picked, else the first that is free.
 *
 * @param picked `""`: none in particular
 * @returns `null` where all are used, or nothing is known of places
 */
export function nextPlace(held: readonly LoadedPlace[] | null, picked: string | null): string | null {
  if (picked !== null) return picked === "" ? null : picked;
  return held?.find(({ exposureId }) => !exposureId)?.place ?? null;
}

/** A load whose next three free places have the times of a bracket; `null` where three are not left. */
export function bracketed(load: Load, times: readonly [number, number, number], from: string | null): Load | null {
  const begin = Math.max(
    0,
    load.places.findIndex(({ place }) => place === from),
  );
  const free = load.places.slice(begin).filter(({ exposureId }) => !exposureId);
  if (free.length < times.length) return null;
  const planned = new Map(free.slice(0, times.length).map(({ place }, index) => [place, times[index] as number]));
  return {
    ...load,
    places: load.places.map((each) => {
      const plannedSeconds = planned.get(each.place);
      return plannedSeconds === undefined ? each : { ...each, plannedSeconds };
    }),
  };
}

/** Writes that a camera is loaded; a tray is turned back to all unexposed. One press takes it back. */
export async function loadIt(camera: Camera, places: readonly LoadPlace[], wish: LoadWish): Promise<void> {
  const { medium, iso, flashed, initials, packId } = wish;
  const at = isoWithOffset(new Date());
  const done = await loadCamera({
    id: crypto.randomUUID(),
    cameraId: camera.id,
    cameraName: camera.name,
    at,
    packId,
    places: places.map(({ id }) => ({ place: id, medium, iso, flashed, initials: initials.trim(), exposureId: null })),
    unloadedAt: null,
  });
  if (!done.ok) {
    notify(`That it is loaded is not stored. ${done.error.message}`, { urgent: true });
    return;
  }
  const turned = camera.set ? { ...camera, set: { ...camera.set, exposed: [] } } : camera;
  const changes = changesBetween(camera, turned);
  if (changes.length > 0) await editCamera(camera.id, { label: "loaded anew", changes }, at);
  const { pack } = done.value;
  const low =
    pack && pack.left - places.length < places.length
      ? ` The pack has ${Math.max(0, pack.left - places.length)} left.`
      : "";
  notify(`${camera.name} is loaded.${low}`, {
    action: {
      name: "Undo",
      run: () => {
        void takeBackLoading(done.value);
        const back = changesBetween(turned, camera);
        if (back.length > 0) void editCamera(camera.id, { label: "as it was loaded before", changes: back }, at);
      },
    },
  });
}

/** Writes that a load is out of its camera. */
export async function unloadIt(load: Load): Promise<void> {
  const done = await saveRecord("loads", { ...load, unloadedAt: isoWithOffset(new Date()) });
  if (!done.ok) notify(`That it is unloaded is not stored. ${done.error.message}`, { urgent: true });
  else notify("It is unloaded.", { action: { name: "Undo", run: () => void saveRecord("loads", load) } });
}
