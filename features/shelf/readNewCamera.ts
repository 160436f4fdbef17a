import { formats } from "../../catalogue/formats.ts";
import { kinds } from "../../catalogue/kinds.ts";
import { mediumById } from "../../catalogue/media.ts";
import {
  type Camera,
  type CameraKind,
  DEFAULT_CONTRAST,
  type DesignField,
  designFaults,
  type NewCamera,
  newCamera,
  settled,
} from "../../core/container/index.ts";
import { optimum } from "../../core/hole/index.ts";
import { formatLength, type LengthUnit, parseLength } from "../../core/units/index.ts";

/** The entries of the form for a new camera, as typed. */
export interface NewCameraForm {
  readonly name: string;
  readonly kind: CameraKind;
  readonly width: string;
  readonly height: string;
  readonly depth: string;
  readonly diameter: string;
  readonly wall: string;
  readonly material: string;
  readonly insideBlack: boolean;
  readonly format: string;
  readonly sheetWidth: string;
  readonly sheetHeight: string;
  readonly holeAbove: string;
  readonly opening: string;
  readonly medium: string;
  readonly plate: string;
}

export type NewCameraField = Exclude<
  keyof NewCameraForm,
  "kind" | "insideBlack" | "material" | "medium" | "format" | "plate"
>;

/** A sentence at each entry that can't be used; the camera when all can. */
export interface ReadNewCamera {
  readonly errors: Readonly<Partial<Record<NewCameraField, string>>>;
  readonly camera: Camera | null;
}

const FIELD_OF_FAULT: Readonly<Partial<Record<DesignField, NewCameraField>>> = {
  "container.width": "width",
  "container.height": "height",
  "container.depth": "depth",
  "container.diameter": "diameter",
  "container.wall": "wall",
  "film.width": "sheetWidth",
  "film.height": "sheetHeight",
  "hole.above": "holeAbove",
  "hole.openingDiameter": "opening",
};

/**
 * Reads the form: every length in any unit, then the same checks as on the Bench.
 *
 * @param form as typed
 * @param unit the maker's own
 * @param id, now of the camera to make
 */
export function readNewCamera(form: NewCameraForm, unit: LengthUnit, id: string, now: string): ReadNewCamera {
  const errors: Partial<Record<NewCameraField, string>> = {};
  const read = (field: NewCameraField, needed = true): number => {
    const text = form[field];
    if (!needed && text.trim() === "") return 0;
    const length = parseLength(text, unit);
    if (length.ok) return length.value;
    errors[field] = length.error;
    return 0;
  };
  const round = kinds.find((kind) => kind.id === form.kind)?.shape === "cylinder";
  const name = form.name.trim();
  if (name === "") errors.name = "Give it a name, so that you find it again.";
  else if (name.length > 80) errors.name = "80 letters at most.";
  const sizes = {
    width: round ? 0 : read("width"),
    depth: round ? 0 : read("depth"),
    diameter: round ? read("diameter") : 0,
    height: read("height"),
    wall: read("wall", false),
    sheetWidth: read("sheetWidth"),
    sheetHeight: read("sheetHeight"),
    openingDiameter: form.opening.trim() === "" ? null : read("opening"),
    holeAbove: form.holeAbove.trim() === "" ? null : read("holeAbove"),
  };
  const format = formats.find((row) => row.id === form.format) ?? null;
  const draft = settledDraft({
    ...sizes,
    id,
    name: name || "New camera",
    kind: form.kind,
    material: form.material,
    insideBlack: form.insideBlack,
    format: format?.id ?? null,
    trimmed: format !== null && sizes.sheetWidth * sizes.sheetHeight < 0.999 * format.width * format.height,
    medium: form.medium,
    plateThickness: Number(form.plate),
    now,
  });
  // An entry that could not be read stands as 0 here: its own message is the better one.
  for (const { field, message } of designFaults(draft, (mm) => formatLength(mm, unit))) {
    const entry = FIELD_OF_FAULT[field];
    if (entry !== undefined) errors[entry] ??= message;
  }
  if (Object.keys(errors).length > 0) return { errors, camera: null };
  return { errors, camera: draft };
}

/** The camera with its hole worked out: an opening is judged against the real one. */
function settledDraft(said: NewCamera): Camera {
  const draft = newCamera(said);
  // Without a distance there is no rule to follow.
  if (!(draft.chambers[0].film.distance > 0)) return draft;
  return settled(draft, mediumById(said.medium), optimum(DEFAULT_CONTRAST, 0.95));
}
