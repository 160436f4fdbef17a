import type { HoleSpec } from "../../../light/solve/index.ts";
import type { DesignFault, LengthWords } from "../../fields/designFault.ts";
import type { DesignField } from "../../fields/designFields.ts";
import { LARGEST, LARGEST_HOLE, notNegative, positive } from "../../fields/limits.ts";
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
 * the hole, a hole outside its face. Each message says what is possible.
 *
 * @param camera design with finite numbers
 * @param words how to write a length
 * @returns faults, empty when the camera can be built
 * @example designFaults(box, inMm) // []
 */
export function designFaults(camera: Camera, words: LengthWords): readonly DesignFault[] {
  const sizes = sizeFaults(camera, words);
  // What rests on a size that is wrong in itself is not judged yet.
  const sound = (...owners: readonly string[]): boolean =>
    !sizes.some(({ field }) => owners.includes(OWNER[field.split(".")[0] ?? ""] ?? ""));
  return [
    ...sizes,
    ...(sound("container", "film") ? sheetFaults(camera, words) : []),
    ...(sound("container", "hole") ? holePlaceFaults(camera, words) : []),
  ];
}

function sizeFaults(camera: Camera, words: LengthWords): readonly DesignFault[] {
  const { film, holes, roll, divider = null } = camera.chambers[0];
  return [
    ...shapeOf(camera.container).faults(film.distance, words),
    ...notNegative("container.wall", camera.container.wall, 100, words),
    ...(roll == null ? [] : rollFaults(roll, words)),
    ...positive("film.width", film.width, LARGEST, words),
    ...positive("film.height", film.height, LARGEST, words),
    ...(film.surface === "cylinder" ? positive("film.radius", film.radius ?? 0, LARGEST, words) : []),
    ...tiltFaults("film.tiltX", film.tiltX ?? 0),
    ...tiltFaults("film.tiltY", film.tiltY ?? 0),
    ...holes.flatMap((_, hole) => holeSizeFaults(camera, hole, words)),
    ...(divider === null ? [] : positive("chamber.divider", divider, film.distance, words)),
  ];
}

/** Steeper than this a sheet hardly sees the hole; the file format allows up to 90°. */
const STEEPEST = 80;

function tiltFaults(field: DesignField, tilt: number): readonly DesignFault[] {
  return Math.abs(tilt) <= STEEPEST ? [] : [{ field, message: `The sheet can lean ${STEEPEST}° at most, either way.` }];
}

function holeSizeFaults(camera: Camera, at: number, words: LengthWords): readonly DesignFault[] {
  const hole = camera.chambers[0].holes[at];
  if (hole === undefined) return [];
  const measured = measuredDiameter(camera, at);
  const widest = Math.max(measured ?? 0, hole.diameter === "best" ? 0 : hole.diameter);
  const { openingDiameter = null } = hole;
  const narrow = openingDiameter !== null && !(openingDiameter >= widest && openingDiameter > 0);
  return [
    ...(hole.diameter === "best" ? [] : positive("hole.diameter", hole.diameter, LARGEST_HOLE, words)),
    ...(measured === null ? [] : positive("hole.measured", measured, LARGEST_HOLE, words)),
    ...notNegative("hole.plateThickness", hole.plateThickness ?? 0, LARGEST_HOLE, words),
    ...(narrow
      ? [
          {
            field: "hole.openingDiameter" as const,
            message: `Must be at least as wide as the hole, ${words(widest)}.`,
          },
        ]
      : []),
  ];
}

function sheetFaults(camera: Camera, words: LengthWords): readonly DesignFault[] {
  const kind = cameraKind(camera);
  const room = cameraRoom(camera);
  const { film } = camera.chambers[0];
  const { x = 0, y = 0, slide = 0 } = film;
  const { noun } = kindRecord(kind);
  const mount = mountOf(kind);
  const faults: DesignFault[] = [];
  const spare = (room.width - film.width) / 2;
  if (film.width > room.width + HAIR) {
    faults.push({ field: "film.width", message: mount.widest(room.width, words) });
  } else if (mount.onWall) {
    if (Math.abs(slide) > spare + HAIR) {
      const why = mount.meetsHole ? `or it would come within ${words(HOLE_GAP / 2)} of the hole` : "of the far wall";
      faults.push({ field: "film.slide", message: `The sheet can slide ${words(spare)} at most either way, ${why}.` });
    }
  } else if (mount.aside && Math.abs(x) > spare + HAIR) {
    faults.push({ field: "film.x", message: offCentre("sideways", spare, words) });
  }
  if (film.height > room.height + HAIR) {
    faults.push({
      field: "film.height",
      message: `The ${noun} is ${words(room.height)} high inside: the sheet can be that high at most.`,
    });
  } else if (Math.abs(y) > (room.height - film.height) / 2 + HAIR) {
    faults.push({ field: "film.y", message: offCentre("up or down", (room.height - film.height) / 2, words) });
  }
  if (room.diagonal !== undefined && Math.hypot(film.width + 2 * Math.abs(x), film.height) > room.diagonal + HAIR) {
    const most = Math.sqrt(Math.max(0, room.diagonal ** 2 - film.height ** 2));
    faults.push({
      field: "film.width",
      message: `On a round back ${words(room.diagonal)} across, a sheet ${words(film.height)} high can be ${words(most)} wide at most: its corners must fit.`,
    });
  }
  return faults;
}

function offCentre(way: string, spare: number, words: LengthWords): string {
  return `The sheet can move ${words(spare)} at most ${way} before it meets a wall.`;
}

function holePlaceFaults(camera: Camera, words: LengthWords): readonly DesignFault[] {
  const { holes } = camera.chambers[0];
  return [...holes.flatMap((_, at) => onePlaceFaults(camera, at, words)), ...tooCloseFaults(camera, words)];
}

/** Two openings that run into each other are one. */
function tooCloseFaults(camera: Camera, words: LengthWords): readonly DesignFault[] {
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
          message: `Their openings would run into each other: the holes must be more than ${words(least)} apart.`,
        },
      ];
    }
  }
  return [];
}

function onePlaceFaults(camera: Camera, at: number, words: LengthWords): readonly DesignFault[] {
  const hole = camera.chambers[0].holes[at];
  if (hole === undefined) return [];
  const { across, high, face } = cameraBody(camera);
  const diameter = holeDiameter(camera, at);
  const halfCut = Math.max(hole.openingDiameter ?? 0, diameter === "best" ? 0 : diameter) / 2;
  const tooLarge = `The opening, ${words(2 * halfCut)} wide, is larger than this face. Make it smaller.`;
  const which = camera.chambers[0].holes.length > 1 ? `Hole ${at + 1}: that` : "That";
  const faults: DesignFault[] = [];
  const { x = 0, y = 0 } = hole;
  if (face === "disc") {
    const most = across / 2 - halfCut;
    if (Math.hypot(x, y) > most + HAIR) {
      const message = `${which} is outside the lid: the hole can be up to ${words(most)} from its middle.`;
      faults.push({ field: "hole.x", message: most < 0 ? tooLarge : message });
    }
    return faults;
  }
  const most = across / 2 - halfCut;
  if (face === "rectangle" && Math.abs(x) > most + HAIR) {
    const message = `${which} is outside the face: the hole can be up to ${words(most)} from its middle, either way.`;
    faults.push({ field: "hole.x", message: most < 0 ? tooLarge : message });
  }
  if (Math.abs(y) > high / 2 - halfCut + HAIR) {
    const message = `${which} is outside the face: the hole can be ${words(halfCut)} to ${words(high - halfCut)} above the bottom.`;
    faults.push({ field: "hole.above", message: high / 2 < halfCut ? tooLarge : message });
  }
  return faults;
}
