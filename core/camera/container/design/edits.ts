import type { HoleSpec } from "../../../light/solve/index.ts";
import type { DesignField } from "../../fields/designFields.ts";
import { sheetOnWall } from "../../mounts/mountOf.ts";
import { shapeOf } from "../../shapes/shapeOf.ts";
import { cameraBody } from "../facts/body.ts";
import type { Aim, Camera, Chamber, ChamberFilm, HoleRule } from "../model/camera.ts";
import { cameraKind } from "../model/cameraKind.ts";
import type { Container, DrumContainer, FoldedContainer } from "../model/containers.ts";
import { holeAt, measuredDiameter } from "../model/holesOf.ts";
import type { RollSpec } from "../model/rollSpec.ts";
import { seated } from "./seated.ts";

/** The computed best at the chosen contrast; makers' tables have Rayleigh's (see Method). */
export const DEFAULT_RULE: HoleRule = "computed";
/** 20 %, a contrast at which everyone still sees two lines as two. */
export const DEFAULT_CONTRAST = 0.2;

/**
 * A design with one size changed and all that hangs on it: the sheet stays on the far wall when the depth changes, and
 * keeps its place above the bottom when a can's height does. `hole.above` is the hole's height above the inside bottom.
 * The chambers of a drum are alike: a change is made in all of them.
 *
 * @param value millimetres (tilts in degrees, tiers, sectors and clicks counted); `null` only where a field may be empty:
 *   `hole.openingDiameter` (nothing cuts), `hole.measured` (not measured), `chamber.divider` (none)
 * @param hole number of the hole that the `hole.…` fields mean
 * @returns the design, seated; not yet settled
 * @example withField(box, "container.depth", 80).chambers[0].film.distance // 80
 */
export function withField(camera: Camera, field: DesignField, value: number | null, hole = 0): Camera {
  return seated(changed(camera, field, value, hole));
}

function changed(camera: Camera, field: DesignField, value: number | null, hole: number): Camera {
  const [place, name] = field.split(".") as [string, string];
  const number = value ?? 0;
  switch (field) {
    case "container.height":
      return withHeight(camera, number);
    case "container.wall":
      return withEachHole(withContainer(camera, { wall: number }), { wall: number });
    case "film.width":
      return withSheetSize(camera, number, camera.chambers[0].film.height);
    case "film.height":
      return withSheetSize(camera, camera.chambers[0].film.width, number);
    case "hole.above":
      return withHole(camera, { y: number - cameraBody(camera).high / 2 }, hole);
    case "hole.diameter":
      return withAim(withHole(camera, { diameter: number }, hole), { rule: "own" });
    case "hole.measured":
      return withMeasured(camera, value, hole);
    case "hole.openingDiameter":
      return withHole(camera, { openingDiameter: value }, hole);
    case "hole.plateThickness":
      return withEachHole(camera, { plateThickness: number });
    case "hole.base":
      return withBase(camera, number);
    case "chamber.divider":
      return withChamber(camera, { divider: value });
    case "drum.tiers":
    case "drum.sectors":
      return withDrum(camera, name as "tiers" | "sectors", number);
    case "hole.x":
      return withHole(camera, { x: number }, hole);
    default:
      if (place === "film") return withFilm(camera, { [name]: number });
      if (place === "roll") {
        const { roll } = camera.chambers[0];
        return withChamber(camera, { roll: { ...(roll as RollSpec), [name]: number } });
      }
      // container.…, folded.… and drum.… name a size of the container.
      return withContainer(camera, { [name]: number });
  }
}

/**
 * The value of a field as {@link withField} takes it.
 *
 * @returns mm, degrees or a count; `null` where the field is empty, 0 where the design has no such size
 * @example fieldValue(box, "container.depth") // 70
 */
export function fieldValue(camera: Camera, field: DesignField, hole = 0): number | null {
  const { container } = camera;
  const { film, holes, roll, divider } = camera.chambers[0];
  const spec = holeAt(camera, hole);
  const [place, name] = field.split(".") as [string, string];
  if (field === "hole.measured") return measuredDiameter(camera, hole);
  if (field === "hole.above") return (spec.y ?? 0) + cameraBody(camera).high / 2;
  if (field === "hole.openingDiameter") return spec.openingDiameter ?? null;
  if (field === "chamber.divider") return divider ?? null;
  if (field === "hole.base") return holes.length < 2 ? 0 : Math.abs((holes[1]?.x ?? 0) - (holes[0].x ?? 0));
  const owner: object = { film, hole: spec, roll: roll ?? {} }[place as "film" | "hole" | "roll"] ?? container;
  const value: unknown = Object.entries(owner).find(([key]) => key === name)?.[1];
  return typeof value === "number" ? value : 0;
}

/** A sheet size: its place is kept, but a can's sheet goes on standing where it stood. */
function withSheetSize(camera: Camera, width: number, height: number): Camera {
  const { film } = camera.chambers[0];
  const bottom = (film.y ?? 0) - film.height / 2;
  const y = sheetOnWall(cameraKind(camera)) ? bottom + height / 2 : (film.y ?? 0);
  const whole = film.format == null ? null : { width, height };
  return withFilm(camera, { width, height, y, trim: whole });
}

/**
 * A sheet from the catalogue, put where it belongs: centred on a box's back, standing on a can's bottom, the hole opposite.
 *
 * @returns the design, seated
 * @example withSheet(box, { width: 90, height: 60, format: null, trimmed: false }).chambers[0].film.y // 0
 */
export function withSheet(
  camera: Camera,
  sheet: { readonly width: number; readonly height: number; readonly format: string | null; readonly trimmed: boolean },
): Camera {
  const onWall = sheetOnWall(cameraKind(camera));
  const y = onWall ? (sheet.height - cameraBody(camera).high) / 2 : 0;
  const placed = withFilm(camera, {
    width: sheet.width,
    height: sheet.height,
    format: sheet.format,
    trim: sheet.trimmed ? { width: sheet.width, height: sheet.height } : null,
    x: 0,
    y,
    ...(camera.chambers[0].film.surface === "cylinder" ? { slide: 0 } : {}),
  });
  return seated(onWall ? withEachHole(placed, { y }) : placed);
}

/**
 * A design with its hole opposite the sheet's middle; on a can the sheet turns, so only its height changes.
 *
 * @returns the design
 * @example withHoleOpposite(withFilm(box, { y: 5 })).chambers[0].holes[0].y // 5
 */
export function withHoleOpposite(camera: Camera, hole = 0): Camera {
  const { film } = camera.chambers[0];
  const onWall = sheetOnWall(cameraKind(camera));
  return withHole(camera, { x: onWall ? (holeAt(camera, hole).x ?? 0) : (film.x ?? 0), y: film.y ?? 0 }, hole);
}

/**
 * A design with one more hole like the first, a quarter of the sheet to its right.
 *
 * @returns the design
 * @example withHoleAdded(box).chambers[0].holes.length // 2
 */
export function withHoleAdded(camera: Camera): Camera {
  const { holes, film } = camera.chambers[0];
  const { across } = cameraBody(camera);
  const [last, most] = [holes.at(-1)?.x ?? 0, across / 2 - 10];
  // Where there is no room to the right, to the left of all.
  const right = last + film.width / 4;
  const x = right <= most ? right : Math.min(...holes.map((hole) => hole.x ?? 0)) - film.width / 4;
  return withChamber(camera, { holes: [...holes, { ...holes[0], x }] });
}

/**
 * A design without one of its holes; the last one stays. What was measured of the others stays with them.
 *
 * @returns the design
 * @example withoutHole(pair, 0).chambers[0].holes.length // 1
 */
export function withoutHole(camera: Camera, hole: number): Camera {
  const [first, ...others] = camera.chambers[0].holes.filter((_, index) => index !== hole);
  if (first === undefined) return camera;
  const measurements = (camera.measurements ?? [])
    .filter((each) => (each.hole ?? 0) !== hole)
    .map((each) => ((each.hole ?? 0) > hole ? { ...each, hole: (each.hole ?? 0) - 1 } : each));
  return { ...withChamber(camera, { holes: [first, ...others] }), measurements };
}

/**
 * A design whose hole is wanted otherwise: rule, contrast, subject’s distance.
 *
 * @returns the design; its hole does not follow before {@link settled}
 * @example withAim(box, { contrast: 0.1 }).chambers[0].aim.contrast // 0.1
 */
export function withAim(camera: Camera, aim: Partial<Aim>): Camera {
  return withChamber(camera, { aim: { ...camera.chambers[0].aim, ...aim } });
}

/**
 * A change to the sheet of every chamber, mm.
 *
 * @returns the design, not seated
 * @example withFilm(box, { width: 90 }).chambers[0].film.width // 90
 */
export function withFilm(camera: Camera, film: Partial<ChamberFilm>): Camera {
  return withChamber(camera, { film: { ...camera.chambers[0].film, ...film } });
}

/**
 * A change to one hole of the sheet.
 *
 * @returns the design; the same where there is no such hole
 * @example withHole(box, { y: 4 }).chambers[0].holes[0].y // 4
 */
export function withHole(camera: Camera, hole: Partial<HoleSpec>, at = 0): Camera {
  const { holes } = camera.chambers[0];
  const [first, ...others] = holes.map((spec, index) => (index === at ? { ...spec, ...hole } : spec));
  return first === undefined ? camera : withChamber(camera, { holes: [first, ...others] });
}

function withEachHole(camera: Camera, hole: Partial<HoleSpec>): Camera {
  return camera.chambers[0].holes.reduce<Camera>((now, _, index) => withHole(now, hole, index), camera);
}

/** Sizes of any container, and whether it is painted. */
type ContainerChange = Partial<
  Record<
    | "width"
    | "height"
    | "depth"
    | "diameter"
    | "wall"
    | "tapeLayers"
    | Exclude<keyof FoldedContainer, "shape" | "kind" | "material" | "plateSide">
    | Exclude<keyof DrumContainer, "shape" | "kind" | "material" | "plateSide" | "baffle">,
    number | boolean
  >
> & {
  readonly baffle?: DrumContainer["baffle"];
  readonly material?: string;
  readonly plateSide?: "inside" | "outside";
};

/**
 * A design with something of its container changed. Sizes are mm; nothing else follows: see {@link withField}.
 *
 * @returns the design
 * @example withContainer(box, { wall: 2 }).container.wall // 2
 */
export function withContainer(camera: Camera, container: ContainerChange): Camera {
  return { ...camera, container: { ...camera.container, ...container } as Container };
}

/**
 * A change to the first chamber and to those that are like it.
 *
 * @returns the design
 * @example withChamber(drum, { divider: 5 }).chambers.length // 8
 */
export function withChamber(camera: Camera, chamber: Partial<Chamber>): Camera {
  const [first, ...others] = camera.chambers.map((each) => ({ ...each, ...chamber }));
  return first === undefined ? camera : { ...camera, chambers: [first, ...others] };
}

function withBase(camera: Camera, base: number): Camera {
  const { holes } = camera.chambers[0];
  const middle = ((holes[0].x ?? 0) + (holes[1]?.x ?? holes[0].x ?? 0)) / 2;
  return withHole(withHole(camera, { x: middle - base / 2 }, 0), { x: middle + base / 2 }, 1);
}

function withDrum(camera: Camera, name: "tiers" | "sectors", count: number): Camera {
  const next = withContainer(camera, { [name]: count });
  const { vanes, chambers } = shapeOf(next.container);
  if (vanes === null || !(vanes.tiers >= 1 && vanes.sectors >= 2)) return next;
  const [first] = camera.chambers;
  const [one, ...others] = chambers().map((label) => ({ ...first, label }));
  return one === undefined ? next : { ...next, chambers: [one, ...others] };
}

function withHeight(camera: Camera, height: number): Camera {
  const taller = withContainer(camera, { height });
  if (!sheetOnWall(cameraKind(camera))) return taller;
  // Heights are measured from the middle: what stands on the bottom goes down with it.
  const down = (height - cameraBody(camera).high) / 2;
  const { film, holes } = camera.chambers[0];
  return holes.reduce<Camera>(
    (now, hole, index) => withHole(now, { y: (hole.y ?? 0) - down }, index),
    withFilm(taller, { y: (film.y ?? 0) - down }),
  );
}

function withMeasured(camera: Camera, diameter: number | null, of: number): Camera {
  const others = (camera.measurements ?? []).filter(({ chamber = 0, hole = 0 }) => chamber !== 0 || hole !== of);
  return {
    ...camera,
    measurements: diameter === null ? others : [...others, { chamber: 0, hole: of, diameter }],
  };
}
