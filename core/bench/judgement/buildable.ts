import { lastWhere } from "../../basis/numeric/index.ts";
import {
  type Camera,
  cameraBody,
  cameraKind,
  cameraRoom,
  fieldValue,
  withField,
  withHoleOpposite,
} from "../../camera/container/index.ts";
import { sheetOnWall } from "../../camera/mounts/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import type { BuildFault, Case, Mend, Verdict } from "./verdict.ts";

/** Trimmed to less than this a sheet is none, mm; our own. */
const LEAST_SHEET = 1;

/** Turns what can't be built into verdicts with the nearest size that can. */
export function buildable({ camera, faults }: Case): readonly Verdict[] {
  const room = cameraRoom(camera);
  const { film } = camera.chambers[0];
  const spareAcross = Math.max(0, (room.width - film.width) / 2);
  const spareUp = Math.max(0, (room.height - film.height) / 2);
  const nearest = (value: number, most: number): number => Math.min(most, Math.max(-most, value));
  return faults.flatMap(({ field, limit: allowed }): readonly Verdict[] => {
    const value = fieldValue(camera, field) ?? 0;
    const says = (fault: BuildFault, fix: Verdict["fix"]): Verdict[] => [
      { id: `fault-${field}`, weight: "stop", found: { code: "fault", fault, allowed }, fix },
    ];
    const mend = (fault: BuildFault, how: Mend, apply: (camera: Camera) => Camera): Verdict[] =>
      says(fault, { mend: how, apply });
    switch (field) {
      case "film.width": {
        const distance = roomierDistance(camera);
        if (distance !== null) {
          return mend("long-where-it-stands", { code: "stand-at", to: distance }, (c) =>
            withField(c, "film.distance", distance),
          );
        }
        const width = Math.floor(roomAcross(camera));
        if (width < LEAST_SHEET) return says("long", null);
        return mend(coversHole(camera) ? "covers-hole" : "long", { code: "trim-long", to: width }, (c) =>
          withField(c, field, width),
        );
      }
      case "film.height": {
        const height = Math.floor(room.height);
        if (height < LEAST_SHEET) return says("high", null);
        return mend("high", { code: "trim-high", to: height }, (c) => standing(withField(c, field, height)));
      }
      case "film.x":
      case "film.slide":
        return mend(coversHole(camera) ? "covers-hole" : "meets-wall", { code: "sheet-back" }, (c) =>
          withField(c, field, nearest(value, spareAcross)),
        );
      case "film.y":
        return mend("not-in-it", { code: "sheet-inside" }, (c) => withField(c, field, nearest(value, spareUp)));
      case "hole.x":
      case "hole.above":
        return mend("hole-outside", { code: "hole-opposite-sheet" }, (c) =>
          c.chambers[0].holes.reduce<Camera>((now, _, hole) => withHoleOpposite(now, hole), c),
        );
      case "hole.base": {
        const apart = Math.ceil((fieldValue(camera, "hole.openingDiameter") ?? 1) + 10);
        return mend("holes-meet", { code: "bring-apart", to: apart }, (c) => withField(c, field, apart));
      }
      case "hole.openingDiameter":
        return mend("opening-small", { code: "no-opening" }, (c) => withField(c, field, null));
      case "film.distance":
        return mend("slides-not", { code: "slide-nearest" }, (c) => slidInside(c));
      default:
        return [];
    }
  });
}

/** The longest sheet that goes in as it stands; on a disc the corners count. */
function roomAcross(camera: Camera): number {
  const { width, diagonal } = cameraRoom(camera);
  const { height } = camera.chambers[0].film;
  return diagonal === undefined ? width : Math.sqrt(Math.max(0, diagonal ** 2 - height ** 2));
}

/** How much of its distance a sheet may lose before trimming it is the smaller harm. Our own. */
const MOST_NEARER = 0.4;

/**
 * The nearest distance, whole mm, at which a sheet that may stand at any, such as between a drum’s vanes, goes in as long
 * as it is; `null` where none is near.
 */
function roomierDistance(camera: Camera): number | null {
  const { distance, width } = camera.chambers[0].film;
  if (!shapeOf(camera.container).slides) return null;
  const goesIn = (nearer: number): boolean => cameraRoom(withField(camera, "film.distance", nearer)).width >= width;
  const nearest = (1 - MOST_NEARER) * distance;
  if (!goesIn(nearest)) return null;
  return Math.floor(lastWhere(goesIn, nearest, distance, 0.1));
}

/** Whether a sheet round the wall reaches the opening between its ends: what comes out is a black picture of nothing. */
function coversHole(camera: Camera): boolean {
  if (!sheetOnWall(cameraKind(camera))) return false;
  const { film, holes } = camera.chambers[0];
  const half = Math.max(holes[0].openingDiameter ?? 0, 1) / 2;
  return film.width / 2 + Math.abs(film.slide ?? 0) > Math.PI * (film.radius ?? film.distance / 2) - half;
}

function slidInside(camera: Camera): Camera {
  const { reach } = shapeOf(camera.container);
  const { distance } = camera.chambers[0].film;
  if (reach !== null) {
    const [nearest, farthest] = reach;
    return withField(camera, "film.distance", Math.min(Math.floor(farthest), Math.max(Math.ceil(nearest), distance)));
  }
  return withField(camera, "film.distance", cameraBody(camera).depth * 0.6);
}

function standing(camera: Camera): Camera {
  const { film } = camera.chambers[0];
  const onWall = sheetOnWall(cameraKind(camera));
  return withField(camera, "film.y", onWall ? (film.height - cameraBody(camera).high) / 2 : 0);
}
