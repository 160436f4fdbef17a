import { formats } from "../../catalogue/formats.ts";
import { kinds } from "../../catalogue/kinds.ts";
import { DEFAULT_MEDIUM } from "../../catalogue/media.ts";
import { formatLength, type LengthUnit, parseLength } from "../../core/basis/units/index.ts";
import { type CameraKind, cameraRoom, newCamera, type Room } from "../../core/camera/container/index.ts";
import { sheetFit } from "../../core/camera/sheet/index.ts";
import type { NewCameraForm } from "./readNewCamera.ts";

/** Sizes of a usual container of each kind, mm, to start from; common practice. */
const USUAL: Readonly<Record<CameraKind, Readonly<Record<string, number>>>> = {
  "flat-box": { width: 165, height: 118, depth: 70, wall: 1 },
  "bought-box": { width: 130, height: 105, depth: 75, wall: 3, holeDiameter: 0.3 },
  "slanted-box": { width: 165, height: 118, depth: 110, wall: 1, tiltY: 25, tiltX: 0 },
  "curved-box": { width: 165, height: 118, depth: 70, wall: 1, radius: 80 },
  "stereo-box": { width: 260, height: 210, depth: 90, wall: 2, base: 120 },
  "roll-carton": { width: 100, height: 60, depth: 35, wall: 0.5 },
  "folded-box": { square: 330, distance: 80, wall: 0.5 },
  "lid-can": { diameter: 125, height: 160, wall: 0.3 },
  drum: { diameter: 320, height: 240, radius: 100, distance: 100, wall: 0.5 },
  "curled-can": { diameter: 66, height: 168, wall: 0.1 },
  "far-wall-tin": { diameter: 150, height: 120, wall: 0.3 },
  canister: { diameter: 30, height: 47, wall: 1.2 },
};
const MATERIAL: Readonly<Record<CameraKind, string>> = {
  "flat-box": "card",
  "bought-box": "wood",
  "slanted-box": "card",
  "curved-box": "card",
  "stereo-box": "card",
  "roll-carton": "card",
  "folded-box": "card",
  "lid-can": "tin metal",
  drum: "tin metal",
  "curled-can": "aluminium metal",
  "far-wall-tin": "tin metal",
  canister: "plastic",
};
/** What is loaded where film is wound or held in strips. */
const ROLL_MEDIUM = "film-pan-100";
const CANISTER_HOLE = (7 / 8) * 25.4;

/** The form as it is first shown for a kind of camera; a name already typed is kept. */
export function startForm(kind: CameraKind, unit: LengthUnit, name: string): NewCameraForm {
  const usual = USUAL[kind];
  const text = (mm: number | undefined): string => (mm === undefined ? "" : formatLength(mm, unit, 2));
  const degrees = (angle: number | undefined): string => (angle === undefined ? "" : String(angle));
  const form: NewCameraForm = {
    name,
    kind,
    width: text(usual.width),
    height: text(usual.height),
    depth: text(usual.depth),
    diameter: text(usual.diameter),
    wall: text(usual.wall),
    tiltX: degrees(usual.tiltX),
    tiltY: degrees(usual.tiltY),
    radius: text(usual.radius),
    distance: text(usual.distance),
    base: text(usual.base),
    square: text(usual.square),
    holeDiameter: text(usual.holeDiameter),
    material: MATERIAL[kind],
    insideBlack: false,
    format: kinds.find((row) => row.id === kind)?.format ?? "",
    sheetWidth: "",
    sheetHeight: "",
    holeAbove: kind === "canister" ? text(CANISTER_HOLE) : "",
    opening: text(6.35),
    medium: kind === "roll-carton" || kind === "folded-box" ? ROLL_MEDIUM : DEFAULT_MEDIUM,
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
  const room = roomOf(form, mm);
  const fit = sheetFit(row, room);
  const size = fit.fit === "trimmed" && take === "nominal" ? row : fit;
  return {
    ...form,
    format,
    sheetWidth: formatLength(size.width, unit, 2),
    sheetHeight: formatLength(size.height, unit, 2),
  };
}

/** The room for a sheet in the container as it is typed so far. */
function roomOf(form: NewCameraForm, mm: (text: string) => number): Room {
  const draft = newCamera({
    ...EMPTY,
    kind: form.kind,
    width: mm(form.width),
    height: mm(form.height),
    depth: mm(form.depth),
    diameter: mm(form.diameter),
    ...(form.radius === "" ? {} : { radius: mm(form.radius) }),
    ...(form.distance === "" ? {} : { distance: mm(form.distance) }),
    ...(form.square === "" ? {} : { square: mm(form.square) }),
    tiltX: Number(form.tiltX) || 0,
    tiltY: Number(form.tiltY) || 0,
  });
  return cameraRoom(draft);
}

/** What the room does not depend on. */
const EMPTY = {
  id: "",
  name: "",
  wall: 0,
  material: "",
  insideBlack: false,
  sheetWidth: 1,
  sheetHeight: 1,
  format: null,
  trimmed: false,
  medium: "",
  plateThickness: 0,
  holeAbove: null,
  openingDiameter: null,
  now: "",
} as const;
