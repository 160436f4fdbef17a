import { type Camera, type LoadPlace, loadPlaces } from "../../core/camera/container/index.ts";
import { changesBetween, type Load, type LoadedPlace } from "../../core/document/index.ts";
import { loadCamera, there } from "../../storage/index.ts";
import { changeUndoable, offered } from "../edits/undoable.ts";
import { isoWithOffset } from "../format/localTime.ts";
import { notify } from "../notices/notify.ts";

/** What is put into a camera. */
export interface LoadWish {
  readonly medium: string;
  readonly iso: number;
  readonly flashed: boolean;
  readonly initials: string;
  readonly packId: string | null;
}

/**
 * Writes that places of a camera are loaded, all at once or one more of a load that is being filled; a tray is turned back
 * to all unexposed. One press takes it back.
 *
 * @param into the load that is being filled; `null`: a new one
 * @param seen what was in the camera, as far as the page knew
 * @returns the load as stored; `null` where it could not be stored, which is said
 */
export async function loadIt(
  camera: Camera,
  places: readonly LoadPlace[],
  wish: LoadWish,
  into: Load | null,
  seen: Load | null,
): Promise<Load | null> {
  const { medium, iso, flashed, initials, packId } = wish;
  const added = places.map(
    ({ id }): LoadedPlace => ({ place: id, medium, iso, flashed, initials: initials.trim(), exposureId: null }),
  );
  const load: Load = {
    ...into,
    id: into?.id ?? crypto.randomUUID(),
    cameraId: camera.id,
    cameraName: camera.name,
    at: into?.at ?? isoWithOffset(new Date()),
    packId,
    places: added,
    unloadedAt: null,
  };
  const turned = into === null && camera.set ? { ...camera, set: { ...camera.set, exposed: [] } } : camera;
  const changes = changesBetween(camera, turned);
  const done = await loadCamera(load, seen?.id ?? null, changes.length > 0 ? { label: "loaded anew", changes } : null);
  if (!done.ok) {
    notify(`The load could not be saved. ${done.error.message}`, { urgent: true });
    return null;
  }
  const { pack } = done.value;
  const low = pack !== null && pack.left < places.length ? ` The pack has ${pack.left} left.` : "";
  // Of a camera that is filled place by place, the places are named.
  const part = places.length < loadPlaces(camera).length;
  const what = part ? places.map(({ name }) => name).join(", ") : camera.name;
  offered(done, `${what} is loaded.${low}`);
  return done.value.load;
}

/** Writes that a load is out of its camera. */
export async function unloadIt(load: Load): Promise<void> {
  const unloadedAt = isoWithOffset(new Date());
  const out = (now: Load): Load => ((now.unloadedAt ?? null) === null ? { ...now, unloadedAt } : now);
  await changeUndoable("loads", load.id, (now) => out(there(now)), "It is unloaded.");
}
