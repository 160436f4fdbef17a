import { fresnelScale, type Optimum, schools } from "../hole/index.ts";
import { type HoleSpec, opticalModel } from "../solve/index.ts";
import {
  type Aim,
  type Camera,
  type Chamber,
  type ChamberFilm,
  type Container,
  type DesignLight,
  type HoleRule,
  measuredDiameter,
  solveRequest,
} from "./camera.ts";
import type { DesignField } from "./designFaults.ts";

/** Rayleigh's, the usual choice of makers (see Method). */
export const DEFAULT_RULE: HoleRule = "rayleigh";
/** 20 %, a contrast at which everyone still sees two lines as two. */
export const DEFAULT_CONTRAST = 0.2;

/**
 * A design with one size changed and all that hangs on it: the sheet stays on the far wall when the depth changes, and
 * keeps its place above the bottom when a can's height does. `hole.above` is the hole's height above the inside bottom.
 *
 * @param value millimetres; `null` only for `hole.openingDiameter` (nothing cuts) and `hole.measured` (not measured)
 */
export function withField(camera: Camera, field: DesignField, value: number | null): Camera {
  switch (field) {
    case "container.depth":
      return withFilm(withContainer(camera, { depth: value ?? 0 }), { distance: value ?? 0 });
    case "container.diameter":
      return withFilm(withContainer(camera, { diameter: value ?? 0 }), {
        distance: value ?? 0,
        radius: (value ?? 0) / 2,
      });
    case "container.height":
      return withHeight(camera, value ?? 0);
    case "container.width":
      return withContainer(camera, { width: value ?? 0 });
    case "container.wall":
      return withHole(withContainer(camera, { wall: value ?? 0 }), { wall: value ?? 0 });
    case "film.width":
      return withSheetSize(camera, value ?? 0, camera.chambers[0].film.height);
    case "film.height":
      return withSheetSize(camera, camera.chambers[0].film.width, value ?? 0);
    case "film.x":
      return withFilm(camera, { x: value ?? 0 });
    case "film.y":
      return withFilm(camera, { y: value ?? 0 });
    case "film.slide":
      return withFilm(camera, { slide: value ?? 0 });
    case "hole.x":
      return withHole(camera, { x: value ?? 0 });
    case "hole.above":
      return withHole(camera, { y: (value ?? 0) - camera.container.height / 2 });
    case "hole.diameter":
      return withAim(withHole(camera, { diameter: value ?? 0 }), { rule: "own" });
    case "hole.measured":
      return withMeasured(camera, value);
    case "hole.openingDiameter":
      return withHole(camera, { openingDiameter: value });
    case "hole.plateThickness":
      return withHole(camera, { plateThickness: value ?? 0 });
    default:
      return unknownField(field);
  }
}

/** The value of a field as {@link withField} takes it. */
export function fieldValue(camera: Camera, field: DesignField): number | null {
  const { container } = camera;
  const { film, holes } = camera.chambers[0];
  const [hole] = holes;
  const [place, name] = field.split(".") as ["container" | "film" | "hole", string];
  if (field === "hole.measured") return measuredDiameter(camera);
  if (field === "hole.above") return (hole.y ?? 0) + container.height / 2;
  if (field === "hole.openingDiameter") return hole.openingDiameter ?? null;
  const owner: object = { container, film, hole }[place];
  const value: unknown = Object.entries(owner).find(([key]) => key === name)?.[1];
  return typeof value === "number" ? value : 0;
}

/** A sheet size: its place is kept, but a can's sheet goes on standing where it stood. */
function withSheetSize(camera: Camera, width: number, height: number): Camera {
  const { film } = camera.chambers[0];
  const bottom = (film.y ?? 0) - film.height / 2;
  const y = camera.container.shape === "cylinder" ? bottom + height / 2 : (film.y ?? 0);
  const whole = film.format == null ? null : { width, height };
  return withFilm(camera, { width, height, y, trim: whole });
}

/** A sheet from the catalogue, put where it belongs: centred on a box's back, standing on a can's bottom, the hole opposite. */
export function withSheet(
  camera: Camera,
  sheet: { readonly width: number; readonly height: number; readonly format: string | null; readonly trimmed: boolean },
): Camera {
  const y = camera.container.shape === "cylinder" ? (sheet.height - camera.container.height) / 2 : 0;
  const placed = withFilm(camera, {
    width: sheet.width,
    height: sheet.height,
    format: sheet.format,
    trim: sheet.trimmed ? { width: sheet.width, height: sheet.height } : null,
    x: 0,
    y,
    ...(camera.container.shape === "cylinder" ? { slide: 0 } : {}),
  });
  return camera.container.shape === "cylinder" ? withHole(placed, { y }) : placed;
}

/** A design with its hole opposite the sheet's middle; on a can the sheet turns, so only its height changes. */
export function withHoleOpposite(camera: Camera): Camera {
  const { film } = camera.chambers[0];
  const x = camera.container.shape === "box" ? (film.x ?? 0) : (camera.chambers[0].holes[0].x ?? 0);
  return withHole(camera, { x, y: film.y ?? 0 });
}

/** A design whose hole follows its rule: what every edit of a design ends with. */
export function settled(camera: Camera, light: DesignLight, ideal: Optimum): Camera {
  const diameter = targetDiameter(camera, light, ideal);
  return diameter === camera.chambers[0].holes[0].diameter ? camera : withHole(camera, { diameter });
}

/** The diameter the chosen rule asks for, mm; for `own` what was typed. */
export function targetDiameter(camera: Camera, light: DesignLight, ideal: Optimum): number {
  const { aim, holes } = camera.chambers[0];
  const { diameter } = holes[0];
  const { setting } = opticalModel(solveRequest(camera, light));
  // A hole left to “best” has no own diameter yet: it starts from the default rule's.
  const asked = aim?.rule ?? "own";
  const rule = diameter === "best" && asked === "own" ? DEFAULT_RULE : asked;
  if (rule === "own") return diameter as number;
  if (rule === "computed") return ideal.constant * fresnelScale(setting);
  const school = schools.find(({ id }) => id === rule);
  if (school === undefined) throw new Error(`no school ${rule}`);
  return school.compute(setting);
}

export function withAim(camera: Camera, aim: Partial<Aim>): Camera {
  return withChamber(camera, { aim: { ...camera.chambers[0].aim, ...aim } });
}

export function withFilm(camera: Camera, film: Partial<ChamberFilm>): Camera {
  return withChamber(camera, { film: { ...camera.chambers[0].film, ...film } });
}

export function withHole(camera: Camera, hole: Partial<HoleSpec>): Camera {
  const [first, ...others] = camera.chambers[0].holes;
  return withChamber(camera, { holes: [{ ...first, ...hole }, ...others] });
}

export function withContainer(
  camera: Camera,
  container: Partial<Record<"width" | "height" | "depth" | "diameter" | "wall", number>> & { insideBlack?: boolean },
): Camera {
  return { ...camera, container: { ...camera.container, ...container } as Container };
}

function withChamber(camera: Camera, chamber: Partial<Chamber>): Camera {
  const [first, ...others] = camera.chambers;
  return { ...camera, chambers: [{ ...first, ...chamber }, ...others] };
}

function withHeight(camera: Camera, height: number): Camera {
  const taller = withContainer(camera, { height });
  if (camera.container.shape === "box") return taller;
  // Heights are measured from the middle: what stands on the bottom goes down with it.
  const down = (height - camera.container.height) / 2;
  const { film, holes } = camera.chambers[0];
  return withHole(withFilm(taller, { y: (film.y ?? 0) - down }), { y: (holes[0].y ?? 0) - down });
}

function withMeasured(camera: Camera, diameter: number | null): Camera {
  const others = (camera.measurements ?? []).filter(({ chamber = 0, hole = 0 }) => chamber !== 0 || hole !== 0);
  return {
    ...camera,
    measurements: diameter === null ? others : [...others, { chamber: 0, hole: 0, diameter }],
  };
}

function unknownField(field: never): never {
  throw new Error(`unknown design field ${String(field)}`);
}
