import { failure, type Result, success } from "../../basis/units/index.ts";
import type { Camera } from "../../camera/container/index.ts";
import { type Fault, filmFaults, holeFaults } from "../../light/solve/index.ts";
import { schemaFaults } from "../faults.ts";
import { cameraSchema } from "../generated/camera.js";
import { migrate, type VersionedFormat } from "../version.ts";

/** `still-box/camera`, the design file. */
export const CAMERA_FORMAT: VersionedFormat = { format: "still-box/camera", current: 1, migrations: {} };

/**
 * Reads a camera document: migrates older versions, then checks schema and the rules between fields.
 *
 * @param data parsed JSON
 * @returns the camera with every unknown field kept, or every fault with its JSON Pointer
 * @example parseCamera(box).ok // true
 */
export function parseCamera(data: unknown): Result<Camera, readonly Fault[]> {
  const migrated = migrate(data, CAMERA_FORMAT);
  if (!migrated.ok) return migrated;
  const faults = schemaFaults(cameraSchema, migrated.value);
  if (faults.length > 0) return failure(faults);
  const camera = migrated.value as unknown as Camera;
  const crossed = cameraFaults(camera);
  return crossed.length > 0 ? failure(crossed) : success(camera);
}

/** The rules between fields of a camera whose schema is met. */
export function cameraFaults(camera: Camera): readonly Fault[] {
  const versions = (camera.versions ?? []).flatMap(({ chambers }, index) =>
    chambersFaults(chambers, `/versions/${index}/chambers`),
  );
  return [...chambersFaults(camera.chambers, "/chambers"), ...versions];
}

function chambersFaults(chambers: Camera["chambers"], list: string): readonly Fault[] {
  return chambers.flatMap((chamber, index) => {
    const path = `${list}/${index}`;
    return [
      ...chamber.holes.flatMap((hole, number) => holeFaults(hole, `${path}/holes/${number}`)),
      ...filmFaults(chamber.film, `${path}/film`),
    ];
  });
}
