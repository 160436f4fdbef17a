import { formats } from "../../catalogue/formats.ts";
import { mediumById } from "../../catalogue/media.ts";
import { formatLength, type LengthUnit, parseLength, plainNumber } from "../../core/basis/units/index.ts";
import {
  type Camera,
  type CameraKind,
  DEFAULT_CONTRAST,
  type DesignField,
  designFaults,
  type NewCamera,
  newCamera,
  settled,
} from "../../core/camera/container/index.ts";
import { optimum } from "../../core/light/hole/index.ts";

/** The entries of the form for a new camera, as typed. */
export interface NewCameraForm {
  readonly name: string;
  readonly kind: CameraKind;
  readonly width: string;
  readonly height: string;
  readonly depth: string;
  readonly diameter: string;
  readonly wall: string;
  readonly tiltX: string;
  readonly tiltY: string;
  readonly radius: string;
  readonly distance: string;
  readonly base: string;
  readonly square: string;
  readonly holeDiameter: string;
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

/** The sizes that only some kinds have. */
export type NewCameraSize =
  | "width"
  | "height"
  | "depth"
  | "diameter"
  | "square"
  | "distance"
  | "radius"
  | "tiltX"
  | "tiltY"
  | "base"
  | "holeDiameter";

/** What is measured of a container of this kind, in the order of the form. */
export function sizesOf(kind: CameraKind): readonly NewCameraSize[] {
  const box = ["width", "height", "depth"] as const;
  switch (kind) {
    case "flat-box":
    case "roll-carton":
      return box;
    case "bought-box":
      return [...box, "holeDiameter"];
    case "slanted-box":
      return [...box, "tiltY", "tiltX"];
    case "curved-box":
      return [...box, "radius"];
    case "stereo-box":
      return [...box, "base"];
    case "folded-box":
      return ["square", "distance"];
    case "drum":
      return ["diameter", "height", "distance", "radius"];
    case "curled-can":
    case "far-wall-tin":
    case "canister":
    case "lid-can":
      return ["diameter", "height"];
    default:
      return kind satisfies never;
  }
}

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
  "film.tiltX": "tiltX",
  "film.tiltY": "tiltY",
  "film.radius": "radius",
  "film.distance": "distance",
  "folded.sheet": "square",
  "hole.x": "base",
  "hole.base": "base",
  "hole.diameter": "holeDiameter",
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
  const angle = (field: "tiltX" | "tiltY"): number => {
    const number = plainNumber(form[field], "°");
    if (number.ok) return number.value;
    errors[field] = "An angle in degrees, such as 25 or −10.";
    return 0;
  };
  const asked = new Set(sizesOf(form.kind));
  const size = (field: NewCameraSize): number => (asked.has(field) ? read(field) : 0);
  const name = form.name.trim();
  if (name === "") errors.name = "Give it a name, so that you find it again.";
  else if (name.length > 80) errors.name = "80 letters at most.";
  const sizes = {
    width: size("width"),
    depth: size("depth"),
    diameter: size("diameter"),
    height: size("height"),
    wall: read("wall", false),
    sheetWidth: read("sheetWidth"),
    sheetHeight: read("sheetHeight"),
    openingDiameter: form.opening.trim() === "" ? null : read("opening"),
    holeAbove: form.holeAbove.trim() === "" || form.kind === "drum" ? null : read("holeAbove"),
    ...(asked.has("tiltY") ? { tiltX: angle("tiltX"), tiltY: angle("tiltY") } : {}),
    ...(asked.has("radius") ? { radius: read("radius") } : {}),
    ...(asked.has("distance") ? { distance: read("distance") } : {}),
    ...(asked.has("base") ? { base: read("base") } : {}),
    ...(asked.has("square") ? { square: read("square") } : {}),
    ...(asked.has("holeDiameter") ? { holeDiameter: read("holeDiameter") } : {}),
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
