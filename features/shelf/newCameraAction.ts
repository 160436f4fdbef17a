import type { CameraKind } from "../../core/camera/container/index.ts";
import { addCamera, readSettings, type StorageFailure } from "../../storage/index.ts";
import { isoWithOffset } from "../../ui/localTime.ts";
import { type NewCameraForm, type ReadNewCamera, readNewCamera } from "./readNewCamera.ts";

export type NewCameraAnswer =
  | { readonly id: string }
  | { readonly errors: ReadNewCamera["errors"]; readonly failed: StorageFailure | null };

/** Stores the camera that a sent form describes, or says at which entry it can't. */
export async function makeCamera(sent: FormData): Promise<NewCameraAnswer> {
  const text = (name: string): string => String(sent.get(name) ?? "");
  const form: NewCameraForm = {
    name: text("name"),
    kind: text("kind") as CameraKind,
    width: text("width"),
    height: text("height"),
    depth: text("depth"),
    diameter: text("diameter"),
    wall: text("wall"),
    tiltX: text("tiltX"),
    tiltY: text("tiltY"),
    radius: text("radius"),
    distance: text("distance"),
    base: text("base"),
    square: text("square"),
    holeDiameter: text("holeDiameter"),
    material: text("material"),
    insideBlack: sent.has("insideBlack"),
    format: text("format"),
    sheetWidth: text("sheetWidth"),
    sheetHeight: text("sheetHeight"),
    holeAbove: text("holeAbove"),
    opening: text("opening"),
    medium: text("medium"),
    plate: text("plate"),
  };
  const { unit } = await readSettings();
  const read = readNewCamera(form, unit, crypto.randomUUID(), isoWithOffset(new Date()));
  if (read.camera === null) return { errors: read.errors, failed: null };
  const added = await addCamera(read.camera);
  return added.ok ? { id: added.value.id } : { errors: {}, failed: added.error };
}
