import { formatDistance } from "../basis/units/index.ts";
import { type Camera, type DesignField, type LengthWords, newCamera, settled } from "../camera/container/index.ts";
import { type CameraKind, kindRecord, kinds } from "../camera/kinds/index.ts";
import { type Optimum, optimum } from "../light/hole/index.ts";

export const PAPER_LIGHT = { wavelengthNm: 440, iso: 6 } as const;
export const ideal: Optimum = optimum(0.2, 0.95);
export const inMm: LengthWords = (mm, digits) =>
  digits === "far" ? formatDistance(mm, "mm") : `${Math.round(mm * 100) / 100} mm`;

type Short =
  | "width"
  | "height"
  | "depth"
  | "diameter"
  | "wall"
  | "sheetWidth"
  | "sheetHeight"
  | "distance"
  | "radius"
  | "tiltX"
  | "tiltY"
  | "base"
  | "square"
  | "holeDiameter"
  | "openingDiameter"
  | "holeAbove";

/** Names of fields as tests write them. */
const SHORT: Readonly<Record<Short, DesignField>> = {
  width: "container.width",
  height: "container.height",
  depth: "container.depth",
  diameter: "container.diameter",
  wall: "container.wall",
  sheetWidth: "film.width",
  sheetHeight: "film.height",
  distance: "film.distance",
  radius: "film.radius",
  tiltX: "film.tiltX",
  tiltY: "film.tiltY",
  base: "hole.base",
  square: "folded.sheet",
  holeDiameter: "hole.diameter",
  openingDiameter: "hole.openingDiameter",
  holeAbove: "hole.above",
};

type More = Readonly<Partial<Record<Short, number>>> & {
  readonly material?: string;
  readonly medium?: string;
  readonly plateThickness?: number;
};

/** Sizes that tests count on; of any other kind, what is usual with a sheet of half its room. */
const SIZES: Readonly<Record<string, Readonly<Partial<Record<Short, number>>>>> = {
  "flat-box": { width: 165, height: 118, depth: 70, sheetWidth: 127, sheetHeight: 101.6 },
  "slanted-box": { width: 165, height: 118, depth: 110, sheetWidth: 127, sheetHeight: 101.6, tiltX: 0, tiltY: 25 },
  "curved-box": { width: 165, height: 118, depth: 70, sheetWidth: 127, sheetHeight: 101.6, radius: 80 },
  "stereo-box": { width: 260, height: 210, depth: 90, sheetWidth: 254, sheetHeight: 203.2, base: 110 },
  "bought-box": { width: 130, height: 105, depth: 75, sheetWidth: 127, sheetHeight: 101.6, holeDiameter: 0.3 },
  "roll-carton": { width: 100, height: 60, depth: 35, sheetWidth: 36, sheetHeight: 24 },
  "folded-box": { square: 330, distance: 80, sheetWidth: 84, sheetHeight: 56 },
  "lid-can": { diameter: 100, height: 130, sheetWidth: 80, sheetHeight: 60 },
  drum: { diameter: 320, height: 240, distance: 100, radius: 100, sheetWidth: 127, sheetHeight: 101.6 },
  "curled-can": { diameter: 66.6, height: 168, sheetWidth: 177.8, sheetHeight: 127 },
  "far-wall-tin": { diameter: 300, height: 215, sheetWidth: 254, sheetHeight: 203.2 },
  canister: { diameter: 29.5, height: 47, sheetWidth: 44.45, sheetHeight: 44.45 },
};

/** Every kind of camera there is. */
export const KINDS: readonly CameraKind[] = kinds.map(({ id }) => id);

/** A camera of a kind with usual sizes; `more` replaces some. */
export function testCamera(kind: CameraKind, more: More = {}): Camera {
  const { material = "card", medium = "rc-graded", plateThickness = 0.05, ...short } = more;
  const said = Object.entries({ ...SIZES[kind], ...short }).map(([name, value]) => [SHORT[name as Short], value]);
  const usual = SIZES[kind] === undefined ? { ...kindRecord(kind).usual, "film.width": 36, "film.height": 24 } : {};
  const draft = newCamera({
    id: "test",
    name: "Potting-shed tin",
    kind,
    sizes: { ...usual, "container.wall": 1, ...Object.fromEntries(said) },
    material,
    insideBlack: true,
    format: null,
    trimmed: false,
    medium,
    plateThickness,
    now: "2026-05-01T10:00:00+01:00",
  });
  return settled(draft, PAPER_LIGHT, ideal);
}
