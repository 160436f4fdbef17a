import { formats } from "../../catalogue/formats.ts";
import { kinds } from "../../catalogue/kinds.ts";
import { DEFAULT_MEDIUM } from "../../catalogue/media.ts";
import { type CameraKind, sheetRoom } from "../../core/container/index.ts";
import { sheetFit } from "../../core/sheet/index.ts";
import { formatLength, type LengthUnit, parseLength } from "../../core/units/index.ts";
import type { NewCameraForm } from "./readNewCamera.ts";

/** Sizes of a usual container of each kind, mm, to start from; common practice. */
const USUAL: Readonly<Record<CameraKind, Readonly<Record<string, number>>>> = {
  "flat-box": { width: 165, height: 118, depth: 70, wall: 1 },
  "curled-can": { diameter: 66, height: 168, wall: 0.1 },
  "far-wall-tin": { diameter: 150, height: 120, wall: 0.3 },
  canister: { diameter: 30, height: 47, wall: 1.2 },
};
const MATERIAL: Readonly<Record<CameraKind, string>> = {
  "flat-box": "card",
  "curled-can": "aluminium metal",
  "far-wall-tin": "tin metal",
  canister: "plastic",
};
const CANISTER_HOLE = (7 / 8) * 25.4;

/** The form as it is first shown for a kind of camera; a name already typed is kept. */
export function startForm(kind: CameraKind, unit: LengthUnit, name: string): NewCameraForm {
  const usual = USUAL[kind];
  const text = (mm: number | undefined): string => (mm === undefined ? "" : formatLength(mm, unit, 2));
  const form: NewCameraForm = {
    name,
    kind,
    width: text(usual.width),
    height: text(usual.height),
    depth: text(usual.depth),
    diameter: text(usual.diameter),
    wall: text(usual.wall),
    material: MATERIAL[kind],
    insideBlack: false,
    format: kinds.find((row) => row.id === kind)?.format ?? "",
    sheetWidth: "",
    sheetHeight: "",
    holeAbove: kind === "canister" ? text(CANISTER_HOLE) : "",
    opening: text(6.35),
    medium: DEFAULT_MEDIUM,
    plate: "0.1",
  };
  return withFormat(form, form.format, unit, "nominal");
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
  const mm = (text: string): number => {
    const length = parseLength(text, unit);
    return length.ok && length.value > 0 ? length.value : 1;
  };
  const round = kinds.find(({ id }) => id === form.kind)?.shape === "cylinder";
  const room = sheetRoom(
    round
      ? { shape: "cylinder", diameter: mm(form.diameter), height: mm(form.height), wall: 0 }
      : { shape: "box", width: mm(form.width), height: mm(form.height), depth: mm(form.depth), wall: 0 },
    form.kind,
  );
  const fit = sheetFit(row, room);
  const size = fit.fit === "trimmed" && take === "nominal" ? row : fit;
  return {
    ...form,
    format,
    sheetWidth: formatLength(size.width, unit, 2),
    sheetHeight: formatLength(size.height, unit, 2),
  };
}
