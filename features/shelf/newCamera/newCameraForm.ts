import { formats } from "../../../catalogue/formats.ts";
import { DEFAULT_FILM, DEFAULT_MEDIUM } from "../../../catalogue/media.ts";
import { MOUNTS } from "../../../catalogue/mounts.ts";
import { formatLength, type LengthUnit, parseLength, plainNumber } from "../../../core/basis/units/index.ts";
import {
  cameraRoom,
  type DesignField,
  fieldRecord,
  newCamera,
  USUAL_OPENING,
  USUAL_PLATE,
} from "../../../core/camera/container/index.ts";
import { type CameraKind, kindRecord } from "../../../core/camera/kinds/index.ts";
import type { Room } from "../../../core/camera/mounts/index.ts";
import { sheetFit } from "../../../core/camera/sheet/index.ts";
import { entriesOf, type NewCameraForm, typedIn, withTyped } from "./readNewCamera.ts";

/** The form as it is first shown for a kind of camera; a name already typed is kept. */
export function startForm(kind: CameraKind, unit: LengthUnit, name: string): NewCameraForm {
  const { usual, material, format, loads, holeMount: mount = "plate", comesReady, set = 1 } = kindRecord(kind);
  const values: Readonly<Partial<Record<DesignField, number | undefined>>> = {
    "hole.openingDiameter": comesReady ? undefined : USUAL_OPENING,
    "hole.diameter": USUAL_BOUGHT,
    ...usual,
  };
  // Also what another answer would ask: changing it then loses nothing that was typed.
  const fields = MOUNTS.flatMap((row) => entriesOf(kind, row.id));
  const texts = fields.map((field) => [field, written(field, values[field], unit)]);
  const form: NewCameraForm = {
    name,
    kind,
    purpose: "picture",
    mount,
    alike: String(set),
    sizes: {},
    material,
    insideBlack: false,
    format,
    medium: loads === "film" ? DEFAULT_FILM : DEFAULT_MEDIUM,
    plate: String(USUAL_PLATE),
  };
  return withFormat(withTyped(form, Object.fromEntries(texts)), format, unit, "nominal");
}

/** A hole that is bought, where nobody said its size, mm: 0.3 mm; common practice. */
const USUAL_BOUGHT = 0.3;

function written(field: DesignField, value: number | undefined, unit: LengthUnit): string {
  if (value === undefined) return "";
  return fieldRecord(field).quantity === "length" ? formatLength(value, unit, 2) : String(value);
}

/**
 * The form with another sheet: its nominal size the way round that goes in, or the piece of it that does.
 *
 * @param take `nominal` fills in the sheet's own size, `fitting` what is left of it after trimming
 */
export function withFormat(
  form: NewCameraForm,
  format: string,
  unit: LengthUnit,
  take: "nominal" | "fitting",
): NewCameraForm {
  const row = formats.find(({ id }) => id === format);
  if (row === undefined) return { ...form, format };
  const fit = sheetFit(row, roomOf(form, unit));
  const size = fit.fit === "trimmed" && take === "nominal" ? row : fit;
  return withTyped(
    { ...form, format },
    { "film.width": formatLength(size.width, unit, 2), "film.height": formatLength(size.height, unit, 2) },
  );
}

/** The room for a sheet in the container as it is typed so far. */
function roomOf(form: NewCameraForm, unit: LengthUnit): Room {
  const sizes = kindRecord(form.kind).asked.map((field) => {
    const text = typedIn(form, field);
    if (fieldRecord(field).quantity !== "length") {
      const angle = plainNumber(text, "°");
      return [field, angle.ok ? angle.value : 0];
    }
    const length = parseLength(text, unit);
    return [field, length.ok && length.value > 0 ? length.value : 1];
  });
  const draft = newCamera({
    id: "",
    name: "",
    kind: form.kind,
    sizes: { ...Object.fromEntries(sizes), "film.width": 1, "film.height": 1 },
    material: "",
    insideBlack: false,
    format: null,
    trimmed: false,
    medium: "",
    plateThickness: 0,
    purpose: "picture",
    mount: "plate",
    alike: 1,
    now: "",
  });
  return cameraRoom(draft);
}
