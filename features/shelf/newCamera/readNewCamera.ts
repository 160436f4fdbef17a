import { formats } from "../../../catalogue/formats.ts";
import { mediumById } from "../../../catalogue/media.ts";
import { formatLength, type LengthUnit, parseLength, plainNumber } from "../../../core/basis/units/index.ts";
import {
  type Camera,
  type DesignField,
  designFaults,
  fieldRecord,
  type HoleMount,
  type NewCamera,
  newCamera,
  type Purpose,
  settled,
} from "../../../core/camera/container/index.ts";
import { contrastOf, idealAt } from "../../../core/camera/holeToMake/index.ts";
import { type CameraKind, kindRecord } from "../../../core/camera/kinds/index.ts";
import { limitWords } from "../../../wording/limits.ts";

/** What is typed of a new camera. Sizes stand by place and name, as `container` and `width`. */
export interface NewCameraForm {
  readonly name: string;
  readonly kind: CameraKind;
  /** What it is for: asked first, as the rest depends on it. */
  readonly purpose: Purpose;
  /** What the hole will be in. */
  readonly mount: HoleMount;
  /** How many are made alike and numbered, as typed. */
  readonly alike: string;
  readonly sizes: Readonly<Record<string, Readonly<Record<string, string>>>>;
  readonly material: string;
  readonly insideBlack: boolean;
  readonly format: string;
  readonly medium: string;
  /** Thickness of the plate in mm, as the catalogue has it. */
  readonly plate: string;
}

/** The name or a size: what can be wrong. */
export type NewCameraEntry = "name" | "alike" | DesignField;

/** What is asked of every camera besides its kind's own sizes. */
const ALWAYS = ["container.wall", "film.width", "film.height"] as const;
/** Entries that may be empty, and what an empty one stands for. */
const EMPTY: Readonly<Partial<Record<DesignField, number | null>>> = {
  "container.wall": 0,
  "hole.above": null,
  "hole.openingDiameter": null,
};

/** All entries of the form for this kind; a hole in the wall has no opening to cut, nor has what is bought whole. */
export function entriesOf(kind: CameraKind, mount: HoleMount): readonly DesignField[] {
  const { asked, holePlace } = kindRecord(kind);
  return [
    ...asked,
    ...ALWAYS,
    ...(hasOpening(kind, mount) ? (["hole.openingDiameter"] as const) : []),
    ...(boughtSize(kind, mount) ? (["hole.diameter"] as const) : []),
    ...(holePlace.includes("hole.above") ? (["hole.above"] as const) : []),
  ];
}

/** Whether an opening is cut behind the hole. */
export function hasOpening(kind: CameraKind, mount: HoleMount): boolean {
  return mount === "plate" || (mount === "bought" && !kindRecord(kind).comesReady);
}

/** Whether the size of a bought hole is asked beside what is asked of the kind anyway. */
function boughtSize(kind: CameraKind, mount: HoleMount): boolean {
  return mount === "bought" && !kindRecord(kind).asked.includes("hole.diameter");
}

/** The most cameras that are numbered alike. */
const MOST_ALIKE = 99;

/** How many are made alike; `null`: that is no such number. */
function alikeOf(text: string): number | null {
  const count = plainNumber(text.trim() === "" ? "1" : text);
  return count.ok && Number.isInteger(count.value) && count.value >= 1 && count.value <= MOST_ALIKE
    ? count.value
    : null;
}

/** The text of an entry. */
export function typedIn(form: NewCameraForm, field: DesignField): string {
  const [place = "", name = ""] = field.split(".");
  return form.sizes[place]?.[name] ?? "";
}

/** The form with other texts in some entries. */
export function withTyped(form: NewCameraForm, texts: Readonly<Partial<Record<DesignField, string>>>): NewCameraForm {
  const sizes: Record<string, Readonly<Record<string, string>>> = { ...form.sizes };
  for (const [field, text] of Object.entries(texts)) {
    const [place = "", name = ""] = field.split(".");
    sizes[place] = { ...sizes[place], [name]: text };
  }
  return { ...form, sizes };
}

/** A sentence at each entry that can't be used; the camera when all can. */
export interface ReadNewCamera {
  readonly errors: Readonly<Partial<Record<NewCameraEntry, string>>>;
  readonly camera: Camera | null;
}

/**
 * Reads the form: every length in any unit, then the same checks as on the Bench.
 *
 * @param form as typed
 * @param unit the maker's own
 * @param id, now of the camera to make
 */
export function readNewCamera(form: NewCameraForm, unit: LengthUnit, id: string, now: string): ReadNewCamera {
  const errors: Partial<Record<NewCameraEntry, string>> = {};
  const name = form.name.trim() || kindRecord(form.kind).name;
  if (name.length > 80) errors.name = "80 letters at most.";
  const sizes: Partial<Record<DesignField, number | null>> = {};
  const alike = alikeOf(form.alike);
  if (alike === null) errors.alike = `A whole number from 1 to ${MOST_ALIKE}.`;
  for (const field of entriesOf(form.kind, form.mount)) {
    const text = typedIn(form, field);
    const empty = text.trim() === "" ? EMPTY[field] : undefined;
    const read = empty === undefined ? readSize(field, text, unit) : ({ ok: true, value: empty } as const);
    if (read.ok) sizes[field] = read.value;
    else {
      errors[field] = read.error;
      sizes[field] = 0;
    }
  }
  const format = formats.find((row) => row.id === form.format) ?? null;
  const [width, height] = [sizes["film.width"] ?? 0, sizes["film.height"] ?? 0];
  const draft = settledDraft({
    sizes,
    id,
    name,
    kind: form.kind,
    material: form.material,
    insideBlack: form.insideBlack,
    format: format?.id ?? null,
    trimmed: format !== null && width * height < 0.999 * format.width * format.height,
    medium: form.medium,
    plateThickness: Number(form.plate),
    purpose: form.purpose,
    mount: form.mount,
    alike: alike ?? 1,
    now,
  });
  // An entry that could not be read stands as 0 here: its own message is the better one.
  for (const { field, limit } of designFaults(draft)) {
    // Two holes are set by how far they are apart.
    const entry = field === "hole.x" ? "hole.base" : field;
    errors[entry] ??= limitWords(limit, (mm) => formatLength(mm, unit));
  }
  return { errors, camera: Object.keys(errors).length > 0 ? null : draft };
}

function readSize(field: DesignField, text: string, unit: LengthUnit) {
  if (fieldRecord(field).quantity === "length") return parseLength(text, unit);
  const angle = plainNumber(text, "°");
  return angle.ok ? angle : ({ ok: false, error: "An angle in degrees, such as 25 or −10." } as const);
}

/** The camera with its hole worked out: an opening is judged against the real one. */
function settledDraft(said: NewCamera): Camera {
  const draft = newCamera(said);
  // Without a distance there is no rule to follow.
  if (!(draft.chambers[0].film.distance > 0)) return draft;
  return settled(draft, mediumById(said.medium), idealAt(contrastOf(draft)));
}
