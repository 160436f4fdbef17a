import { allMedia } from "../../../catalogue/media.ts";
import { MOUNTS } from "../../../catalogue/mounts.ts";
import { plates } from "../../../catalogue/plates.ts";
import { PURPOSES } from "../../../catalogue/purposes.ts";
import { isCameraKind } from "../../../core/camera/kinds/index.ts";
import { addCamera, readSettings, type StorageFailure } from "../../../storage/index.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { type NewCameraForm, type ReadNewCamera, readNewCamera } from "./readNewCamera.ts";

export type NewCameraAnswer =
  | { readonly id: string }
  | { readonly errors: ReadNewCamera["errors"]; readonly failed: StorageFailure | null };

/** Stores the camera that a sent form describes, or says at which entry it can't; `null`: that was no form of ours. */
export async function makeCamera(sent: unknown): Promise<NewCameraAnswer | null> {
  if (!isForm(sent)) return null;
  const { unit } = await readSettings();
  const read = readNewCamera(sent, unit, crypto.randomUUID(), isoWithOffset(new Date()));
  if (read.camera === null) return { errors: read.errors, failed: null };
  const added = await addCamera(read.camera);
  return added.ok ? { id: added.value.id } : { errors: {}, failed: added.error };
}

/** Whether what was sent is a filled-in form: texts by name, a kind, a purpose, a medium and a plate that there are. */
function isForm(sent: unknown): sent is NewCameraForm {
  if (!isRecord(sent)) return false;
  const { name, kind, purpose, mount, alike, sizes, material, insideBlack, format, medium, plate } = sent;
  return (
    [name, alike, material, format].every((each) => typeof each === "string") &&
    typeof insideBlack === "boolean" &&
    typeof kind === "string" &&
    isCameraKind(kind) &&
    PURPOSES.some(({ id }) => id === purpose) &&
    MOUNTS.some(({ id }) => id === mount) &&
    allMedia().some(({ id }) => id === medium) &&
    plates.some(({ thickness }) => String(thickness) === plate) &&
    isRecord(sizes) &&
    Object.values(sizes).every(
      (place) => isRecord(place) && Object.values(place).every((text) => typeof text === "string"),
    )
  );
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}
