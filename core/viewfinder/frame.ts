import { RADIANS } from "../basis/units/index.ts";
import { type SheetPlace, sheetToScene, type Vector } from "../light/rays/index.ts";
import { type FilmSpec, type HoleSpec, type OpticalModel, opticalModel } from "../light/solve/index.ts";
import { type PhoneAxes, type PhoneModel, type PicturePoint, seenAt } from "./phoneModel.ts";
import { phoneAxes } from "./pose.ts";

/** What is asked of `POST /api/frame`: lengths in mm, angles in degrees, pixels of the phone's picture. */
export interface FrameRequest {
  readonly hole: HoleSpec;
  readonly film: FilmSpec;
  readonly phone: Pick<PhoneModel, "width" | "height" | "focalLength"> & {
    readonly centre?: readonly [number, number] | undefined;
    readonly k1?: number | undefined;
  };
  readonly pose?: { readonly azimuth?: number; readonly elevation?: number; readonly roll?: number } | undefined;
  /** From the hole to the phone's lens: right, up, back. */
  readonly offset?: readonly [number, number, number] | undefined;
  /** From the hole along the camera's axis; `null`: far. */
  readonly subjectDistance?: number | null | undefined;
  /** Points a side. */
  readonly points?: number | undefined;
}

/** The sheet's frame in the phone's picture. */
export interface FrameAnswer {
  /** From the picture's upper left corner clockwise; `null`: not seen. */
  readonly outline: readonly (PicturePoint | null)[];
  /** Share of the sheet that lies in the phone's picture. */
  readonly inside: number;
}

/** What a request leaves out. FORMAT. */
const FRAME_DEFAULTS = { k1: 0, offset: [0, 0, 0], points: 16 } as const;
/** Places of the sheet each way by which the share inside is counted. FORMAT. */
const GRID = 64;

/**
 * Where the edge of a pinhole camera's sheet falls in a phone's picture, upright as the picture shows it.
 *
 * @param request checked
 * @returns points in pixels, in the picture or beside it, and the share of the sheet inside the picture
 * @source PHYSICS section 17; FORMAT, `POST /api/frame`
 * @example frameIn({ hole: { diameter: 0.3 }, film: { distance: 60, width: 120, height: 90 }, phone: { width: 200, height: 150, focalLength: 100 }, points: 1 }).outline[0] // [0, 0]
 */
export function frameIn(request: FrameRequest): FrameAnswer {
  const model = opticalModel(request);
  const { points = FRAME_DEFAULTS.points } = request;
  const seen = sightOf(request, model);
  const { width, height } = request.phone;
  let inside = 0;
  for (let row = 0; row < GRID; row++) {
    for (let column = 0; column < GRID; column++) {
      const at = seen(placeAt(model, (column + 0.5) / GRID, (row + 0.5) / GRID));
      if (at !== null && at[0] >= 0 && at[0] <= width && at[1] >= 0 && at[1] <= height) inside++;
    }
  }
  return { outline: outlinePlaces(model, points).map(seen), inside: inside / GRID ** 2 };
}

/** Where each place of the sheet is seen. */
function sightOf(request: FrameRequest, model: OpticalModel): (place: SheetPlace) => PicturePoint | null {
  const seen = seenBy(request);
  return (place) => seen(sceneDirectionAt(model, place));
}

/** A phone's picture and how it is held, as a request has them. */
export type Held = Pick<FrameRequest, "phone" | "pose" | "offset" | "subjectDistance">;

/** Where a phone that is held so sees what lies in a direction of the pinhole camera's scene; `null`: nowhere. */
export function seenBy({
  phone,
  pose = {},
  offset = FRAME_DEFAULTS.offset,
  subjectDistance = null,
}: Held): (direction: Vector | null) => PicturePoint | null {
  const { azimuth = 0, elevation = 0, roll = 0 } = pose;
  const axes: PhoneAxes = phoneAxes({
    azimuth: azimuth * RADIANS,
    elevation: elevation * RADIANS,
    roll: roll * RADIANS,
  });
  const whole: PhoneModel = {
    ...phone,
    centre: phone.centre ?? [phone.width / 2, phone.height / 2],
    k1: phone.k1 ?? FRAME_DEFAULTS.k1,
  };
  const [right, up, back] = offset;
  return (far) => {
    if (far === null) return null;
    if (subjectDistance === null) return seenAt(whole, axes, far);
    const reach = subjectDistance / -far.z;
    return seenAt(whole, axes, {
      x: reach * far.x - right,
      y: reach * far.y - up,
      z: reach * far.z - back,
    });
  };
}

/** The direction in the scene that a place of the sheet looks to, a unit vector; `null`: none. */
export function sceneDirectionAt(model: OpticalModel, place: SheetPlace): Vector | null {
  const direction = sheetToScene(model.place, model.surface, place);
  if (direction === null) return null;
  const flat = Math.cos(direction.elevation);
  return {
    x: flat * Math.sin(direction.azimuth),
    y: Math.sin(direction.elevation),
    z: -flat * Math.cos(direction.azimuth),
  };
}

/** A place of the sheet by its shares of the upright picture, from the upper left corner: the picture is turned half round. */
function placeAt({ width, height }: OpticalModel, across: number, down: number): SheetPlace {
  return { s: width * (0.5 - across), t: height * (down - 0.5) };
}

/** The sheet's edge from the picture's upper left corner clockwise, each side with its first corner and without its last. */
export function outlinePlaces(model: OpticalModel, points: number): readonly SheetPlace[] {
  const steps = Array.from({ length: points }, (_, k) => k / points);
  return [
    ...steps.map((k) => placeAt(model, k, 0)),
    ...steps.map((k) => placeAt(model, 1, k)),
    ...steps.map((k) => placeAt(model, 1 - k, 1)),
    ...steps.map((k) => placeAt(model, 0, 1 - k)),
  ];
}
