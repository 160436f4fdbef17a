import type { Camera, CameraVersion } from "../model/camera.ts";

/** At most this many versions are kept with a design; the oldest goes first. */
const VERSIONS_KEPT = 40;

/**
 * A design with its present state kept under a name, to go back to.
 *
 * @returns the design
 * @example withVersion(box, { id: "v", name: "first", at: "2026-05-01T10:00:00Z" }).versions.length // 1
 */
export function withVersion(
  camera: Camera,
  kept: { readonly id: string; readonly name: string; readonly at: string },
): Camera {
  const { container, chambers, measurements } = camera;
  const version: CameraVersion = { ...kept, container, chambers, ...(measurements ? { measurements } : {}) };
  return { ...camera, versions: [...(camera.versions ?? []), version].slice(-VERSIONS_KEPT) };
}

/**
 * A design as it was in a version; its name, notes and versions stay as they are.
 *
 * @returns the design; the same where there is no such version
 * @example atVersion(withVersion(box, { id: "v", name: "first", at: "2026-05-01T10:00:00Z" }), "v").container.depth // 70
 */
export function atVersion(camera: Camera, id: string): Camera {
  const version = camera.versions?.find((each) => each.id === id);
  if (version === undefined) return camera;
  const { container, chambers, measurements = [] } = version;
  return { ...camera, container, chambers, measurements };
}

/**
 * A design without one of its versions.
 *
 * @returns the design
 * @example withoutVersion(withVersion(box, { id: "v", name: "first", at: "2026-05-01T10:00:00Z" }), "v").versions // []
 */
export function withoutVersion(camera: Camera, id: string): Camera {
  return { ...camera, versions: (camera.versions ?? []).filter((each) => each.id !== id) };
}
