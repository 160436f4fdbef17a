import type { HoleSpec } from "../../../light/solve/index.ts";
import type { DesignFault, Limit } from "../../fields/designFault.ts";
import type { DesignField } from "../../fields/designFields.ts";
import { LARGEST, LARGEST_HOLE, notNegative, positive, SMALLEST } from "../../fields/limits.ts";
import { kindRecord } from "../../kinds/registry.ts";
import { mountOf } from "../../mounts/mountOf.ts";
import { shapeOf } from "../../shapes/shapeOf.ts";
import { cameraBody } from "../facts/body.ts";
import { cameraRoom } from "../facts/room.ts";
import type { Camera } from "../model/camera.ts";
import { cameraKind } from "../model/cameraKind.ts";
import { holeDiameter, measuredDiameter } from "../model/holesOf.ts";
import { HOLE_GAP } from "../model/usualSizes.ts";
import { rollFaults } from "./rollFaults.ts";

/** Whose size a field is. */
const OWNER: Readonly<Record<string, string>> = {
  container: "container",
  folded: "container",
  drum: "container",
  film: "film",
  hole: "hole",
};

const HAIR = 1e-6;

/**
 * Everything about a design that can't be built: sizes that are not above zero, a sheet that does not go in or covers
 * the hole, a hole outside its face. Each says what is possible.
 *
 * @param camera design with finite numbers
 * @returns faults, empty when the camera can be built
 * @example designFaults(box) // []
 */
export function designFaults(camera: Camera): readonly DesignFault[] {
  const sizes = sizeFaults(camera);
  // What rests on a size that is wrong in itself is not judged yet.
  const sound = (...owners: readonly string[]): boolean =>
    !sizes.some(({ field }) => owners.includes(OWNER[field.split(".")[0] ?? ""] ?? ""));
  return [
    ...sizes,
    ...(sound("container", "film") ? sheetFaults(camera) : []),
    ...(sound("container", "hole") ? holePlaceFaults(camera) : []),
  ];
}

function sizeFaults(camera: Camera): readonly DesignFault[] {
  const { film, holes, roll, divider = null } = camera.chambers[0];
  return [
    ...shapeOf(camera.container).faults(film.distance),
    ...notNegative("container.wall", camera.container.wall, 100),
    ...(roll == null ? [] : rollFaults(roll)),
    ...positive("film.width", film.width, LARGEST),
    ...positive("film.height", film.height, LARGEST),
    ...(film.surface === "cylinder" ? positive("film.radius", film.radius ?? 0, LARGEST) : []),
    ...tiltFaults("film.tiltX", film.tiltX ?? 0),
    ...tiltFaults("film.tiltY", film.tiltY ?? 0),
    ...holes.flatMap((_, hole) => holeSizeFaults(camera, hole)),
    ...(divider === null ? [] : positive("chamber.divider", divider, film.distance)),
  ];
}

/** Steeper than this a sheet hardly sees the hole; the file format allows up to 90°. */
const STEEPEST = 80;

function tiltFaults(field: DesignField, tilt: number): readonly DesignFault[] {
  return Math.abs(tilt) <= STEEPEST ? [] : [{ field, limit: { code: "lean", most: STEEPEST } }];
}

function holeSizeFaults(camera: Camera, at: number): readonly DesignFault[] {
  const hole = camera.chambers[0].holes[at];
  if (hole === undefined) return [];
  const measured = measuredDiameter(camera, at);
  const widest = Math.max(measured ?? 0, hole.diameter === "best" ? 0 : hole.diameter);
  const { openingDiameter = null } = hole;
  const narrow = openingDiameter !== null && !(openingDiameter >= widest && openingDiameter > 0);
  return [
    ...(hole.diameter === "best" ? [] : positive("hole.diameter", hole.diameter, LARGEST_HOLE)),
    ...(measured === null ? [] : positive("hole.measured", measured, LARGEST_HOLE)),
    ...notNegative("hole.plateThickness", hole.plateThickness ?? 0, LARGEST_HOLE),
    ...(narrow
      ? [
          {
            field: "hole.openingDiameter" as const,
            limit: { code: "opening" as const, least: widest },
          },
        ]
      : []),
  ];
}

function sheetFaults(camera: Camera): readonly DesignFault[] {
  const kind = cameraKind(camera);
  const room = cameraRoom(camera);
  const { film } = camera.chambers[0];
  const { x = 0, y = 0, slide = 0 } = film;
  const { noun } = kindRecord(kind);
  const mount = mountOf(kind);
  const faults: DesignFault[] = [];
  const spare = (room.width - film.width) / 2;
  if (film.width > room.width + HAIR) {
    const limit: Limit = room.width < SMALLEST ? { code: "no-room" } : { code: mount.widthLimit, most: room.width };
    faults.push({ field: "film.width", limit });
  } else if (mount.onWall) {
    if (Math.abs(slide) > spare + HAIR) {
      const fromHole = mount.meetsHole ? HOLE_GAP / 2 : null;
      faults.push({ field: "film.slide", limit: { code: "slide", most: spare, fromHole } });
    }
  } else if (mount.aside && Math.abs(x) > spare + HAIR) {
    faults.push({ field: "film.x", limit: { code: "sideways", most: spare } });
  }
  if (film.height > room.height + HAIR) {
    faults.push({
      field: "film.height",
      limit: { code: "high", noun, most: room.height },
    });
  } else if (Math.abs(y) > (room.height - film.height) / 2 + HAIR) {
    faults.push({ field: "film.y", limit: { code: "up-or-down", most: (room.height - film.height) / 2 } });
  }
  if (room.diagonal !== undefined && Math.hypot(film.width + 2 * Math.abs(x), film.height) > room.diagonal + HAIR) {
    const most = Math.sqrt(Math.max(0, room.diagonal ** 2 - film.height ** 2));
    const across = room.diagonal;
    const limit: Limit =
      most < SMALLEST ? { code: "corners-high", across } : { code: "corners", across, high: film.height, most };
    faults.push({ field: "film.width", limit });
  }
  return faults;
}

function holePlaceFaults(camera: Camera): readonly DesignFault[] {
  const { holes } = camera.chambers[0];
  return [...holes.flatMap((_, at) => onePlaceFaults(camera, at)), ...tooCloseFaults(camera)];
}

/** Two openings that run into each other are one. */
function tooCloseFaults(camera: Camera): readonly DesignFault[] {
  const { holes } = camera.chambers[0];
  const width = ({ openingDiameter, diameter }: HoleSpec): number =>
    openingDiameter ?? (diameter === "best" ? 0 : diameter);
  for (const [index, one] of holes.entries()) {
    for (const other of holes.slice(index + 1)) {
      const apart = Math.hypot((one.x ?? 0) - (other.x ?? 0), (one.y ?? 0) - (other.y ?? 0));
      const least = (width(one) + width(other)) / 2;
      if (apart > least) continue;
      return [
        {
          field: "hole.base",
          limit: { code: "apart", over: least },
        },
      ];
    }
  }
  return [];
}

function onePlaceFaults(camera: Camera, at: number): readonly DesignFault[] {
  const hole = camera.chambers[0].holes[at];
  if (hole === undefined) return [];
  const { across, high, face } = cameraBody(camera);
  const diameter = holeDiameter(camera, at);
  const halfCut = Math.max(hole.openingDiameter ?? 0, diameter === "best" ? 0 : diameter) / 2;
  const tooLarge: Limit = { code: "opening-too-large", wide: 2 * halfCut };
  const named = camera.chambers[0].holes.length > 1 ? at + 1 : null;
  const faults: DesignFault[] = [];
  const { x = 0, y = 0 } = hole;
  if (face === "disc") {
    const most = across / 2 - halfCut;
    if (Math.hypot(x, y) > most + HAIR) {
      faults.push({ field: "hole.x", limit: most < 0 ? tooLarge : { code: "hole-on-lid", hole: named, most } });
    }
    return faults;
  }
  const most = across / 2 - halfCut;
  if (face === "rectangle" && Math.abs(x) > most + HAIR) {
    faults.push({ field: "hole.x", limit: most < 0 ? tooLarge : { code: "hole-on-face", hole: named, most } });
  }
  if (Math.abs(y) > high / 2 - halfCut + HAIR) {
    const limit: Limit = { code: "hole-height", hole: named, least: halfCut, most: high - halfCut };
    faults.push({ field: "hole.above", limit: high / 2 < halfCut ? tooLarge : limit });
  }
  return faults;
}
