import { type Camera, type CameraKind, cameraKind, measuredDiameter } from "./camera.ts";
import { HOLE_GAP, sheetRoom } from "./room.ts";

/** The sizes of a design that a maker types. */
export type DesignField =
  | "container.width"
  | "container.height"
  | "container.depth"
  | "container.diameter"
  | "container.wall"
  | "film.width"
  | "film.height"
  | "film.x"
  | "film.y"
  | "film.slide"
  | "hole.x"
  | "hole.above"
  | "hole.diameter"
  | "hole.measured"
  | "hole.openingDiameter"
  | "hole.plateThickness";

/** What can't be built, at the field that would have to change. */
export interface DesignFault {
  readonly field: DesignField;
  readonly message: string;
}

/** Turns millimetres into the maker's words, such as `66.5 mm`. */
export type LengthWords = (mm: number) => string;

const HAIR = 1e-6;
const LARGEST = 5000;
const LARGEST_HOLE = 10;

/**
 * Everything about a design that can't be built: sizes that are not above zero, a sheet that does not go in or covers
 * the hole, a hole outside its face. Each message says what is possible.
 *
 * @param camera design with finite numbers
 * @param words how to write a length
 * @returns faults, empty when the camera can be built
 */
export function designFaults(camera: Camera, words: LengthWords): readonly DesignFault[] {
  const sizes = sizeFaults(camera, words);
  // What rests on a size that is wrong in itself is not judged yet.
  const sound = (...owners: readonly string[]): boolean =>
    !sizes.some(({ field }) => owners.includes(field.split(".")[0] ?? ""));
  return [
    ...sizes,
    ...(sound("container", "film") ? sheetFaults(camera, words) : []),
    ...(sound("container", "hole") ? holePlaceFaults(camera, words) : []),
  ];
}

function sizeFaults(camera: Camera, words: LengthWords): readonly DesignFault[] {
  const { container } = camera;
  const { film, holes } = camera.chambers[0];
  const [hole] = holes;
  const faults: DesignFault[] = [];
  const positive = (field: DesignField, value: number, most: number): void => {
    if (!(value > 0)) faults.push({ field, message: `Must be above 0, such as ${words(most / 50)}.` });
    else if (value > most) faults.push({ field, message: `Can be ${words(most)} at most.` });
  };
  const notNegative = (field: DesignField, value: number, most: number): void => {
    if (value < 0) faults.push({ field, message: "Can’t be less than 0." });
    else if (value > most) faults.push({ field, message: `Can be ${words(most)} at most.` });
  };
  if (container.shape === "box") {
    positive("container.width", container.width, LARGEST);
    positive("container.depth", container.depth, LARGEST);
  } else {
    positive("container.diameter", container.diameter, LARGEST);
  }
  positive("container.height", container.height, LARGEST);
  notNegative("container.wall", container.wall, 100);
  positive("film.width", film.width, LARGEST);
  positive("film.height", film.height, LARGEST);
  if (hole.diameter !== "best") positive("hole.diameter", hole.diameter, LARGEST_HOLE);
  const measured = measuredDiameter(camera);
  if (measured !== null) positive("hole.measured", measured, LARGEST_HOLE);
  notNegative("hole.plateThickness", hole.plateThickness ?? 0, LARGEST_HOLE);
  const { openingDiameter = null } = hole;
  const widest = Math.max(measured ?? 0, hole.diameter === "best" ? 0 : hole.diameter);
  if (openingDiameter !== null && !(openingDiameter >= widest && openingDiameter > 0)) {
    faults.push({
      field: "hole.openingDiameter",
      message: `Must be at least as wide as the hole, ${words(widest)}.`,
    });
  }
  return faults;
}

function sheetFaults(camera: Camera, words: LengthWords): readonly DesignFault[] {
  const kind = cameraKind(camera);
  const room = sheetRoom(camera.container, kind);
  const { film } = camera.chambers[0];
  const { x = 0, y = 0, slide = 0 } = film;
  const faults: DesignFault[] = [];
  if (film.width > room.width + HAIR) {
    faults.push({ field: "film.width", message: widthLimit(kind, room.width, words) });
  } else if (camera.container.shape === "box") {
    const spare = (room.width - film.width) / 2;
    if (Math.abs(x) > spare + HAIR) faults.push({ field: "film.x", message: offCentre("sideways", spare, words) });
  } else {
    const spare = (room.width - film.width) / 2;
    if (Math.abs(slide) > spare + HAIR) {
      const why =
        kind === "far-wall-tin" ? "of the far wall" : `or it would come within ${words(HOLE_GAP / 2)} of the hole`;
      faults.push({ field: "film.slide", message: `The sheet can slide ${words(spare)} at most either way, ${why}.` });
    }
  }
  if (film.height > room.height + HAIR) {
    faults.push({
      field: "film.height",
      message: `The ${inside(kind)} is ${words(room.height)} high inside: the sheet can be that high at most.`,
    });
  } else if (Math.abs(y) > (room.height - film.height) / 2 + HAIR) {
    faults.push({ field: "film.y", message: offCentre("up or down", (room.height - film.height) / 2, words) });
  }
  return faults;
}

function widthLimit(kind: CameraKind, most: number, words: LengthWords): string {
  switch (kind) {
    case "flat-box":
      return `The back is ${words(most)} wide: the sheet can be that wide at most, or it springs up.`;
    case "far-wall-tin":
      return `Across the far wall go ${words(most)} at most, half way round. Longer sheets are curled round the wall.`;
    case "curled-can":
    case "canister":
      return `Round this wall go ${words(most)} at most, with ${words(HOLE_GAP)} left free at the hole.`;
    default:
      return unknownKind(kind);
  }
}

function offCentre(way: string, spare: number, words: LengthWords): string {
  return `The sheet can move ${words(spare)} at most ${way} before it meets a wall.`;
}

function holePlaceFaults(camera: Camera, words: LengthWords): readonly DesignFault[] {
  const { container } = camera;
  const [hole] = camera.chambers[0].holes;
  const diameter = measuredDiameter(camera) ?? (hole.diameter === "best" ? 0 : hole.diameter);
  const halfCut = Math.max(hole.openingDiameter ?? 0, diameter) / 2;
  const faults: DesignFault[] = [];
  const tooLarge = `The opening, ${words(2 * halfCut)} wide, is larger than this face. Make it smaller.`;
  if (container.shape === "box") {
    const most = container.width / 2 - halfCut;
    if (Math.abs(hole.x ?? 0) > most + HAIR) {
      const message = `That is outside the face: the hole can be up to ${words(most)} from its middle, either way.`;
      faults.push({ field: "hole.x", message: most < 0 ? tooLarge : message });
    }
  }
  const most = container.height / 2 - halfCut;
  if (Math.abs(hole.y ?? 0) > most + HAIR) {
    const message = `That is outside the face: the hole can be ${words(halfCut)} to ${words(container.height - halfCut)} above the bottom.`;
    faults.push({ field: "hole.above", message: most < 0 ? tooLarge : message });
  }
  return faults;
}

function inside(kind: CameraKind): string {
  switch (kind) {
    case "flat-box":
      return "box";
    case "curled-can":
      return "can";
    case "far-wall-tin":
      return "tin";
    case "canister":
      return "canister";
    default:
      return unknownKind(kind);
  }
}

function unknownKind(kind: never): never {
  throw new Error(`unknown camera kind ${String(kind)}`);
}
