import { type Camera, loadPlaces } from "../camera/container/index.ts";
import type { Load, LoadedPlace } from "./records.ts";

/**
 * What is known of a camera's places: its load, or, where none is noted, which of its tray are turned over.
 *
 * @param medium, iso of what is in it where no load says so
 * @returns `null` where nothing is known
 * @example placesHeld(box, null, "rc-graded", 6) // null
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
 * Places as they are held, those whose hole is open as exposed: none is opened a second time by the way.
 *
 * @param counts holes that are open, or not logged yet
 * @example withOpen(null, []) // null
 */
export function withOpen(
  held: readonly LoadedPlace[] | null,
  counts: readonly { readonly id: string; readonly place?: string | null | undefined }[],
): readonly LoadedPlace[] | null {
  return (
    held?.map((each) => {
      const open = counts.find(({ place }) => place === each.place);
      return open && !each.exposureId ? { ...each, exposureId: open.id } : each;
    }) ?? null
  );
}
