import { bodyOf } from "./body.ts";
import type { Camera, CameraKind, Chamber, Container, RollSpec } from "./camera.ts";
import { chamberLabels, DEFAULT_CONTRAST, DEFAULT_RULE } from "./edits.ts";
import { foldedSizes } from "./folded.ts";
import { seated } from "./seated.ts";
import { sheetOnWall, traitsOf } from "./traits.ts";

/** What a maker says of a new camera: inner sizes in mm. */
export interface NewCamera {
  readonly id: string;
  readonly name: string;
  readonly kind: CameraKind;
  readonly width: number;
  readonly height: number;
  readonly depth: number;
  readonly diameter: number;
  readonly wall: number;
  readonly material: string;
  readonly insideBlack: boolean;
  readonly sheetWidth: number;
  readonly sheetHeight: number;
  readonly format: string | null;
  readonly trimmed: boolean;
  readonly medium: string;
  readonly plateThickness: number;
  /** Height of the hole above the inside of the bottom, mm; `null`: opposite the middle of the sheet. */
  readonly holeAbove: number | null;
  readonly openingDiameter: number | null;
  /** Measures of some kinds only; what is left out is what makers usually have. */
  readonly tiltX?: number;
  readonly tiltY?: number;
  readonly radius?: number;
  readonly distance?: number;
  readonly base?: number;
  readonly square?: number;
  readonly tiers?: number;
  readonly sectors?: number;
  readonly holeDiameter?: number | null;
  readonly now: string;
}

/** Between a person's eyes, mm; common practice for the base of two holes. */
const EYES = 65;
/** A set of canisters in a tray; common practice. */
const USUAL_SET = 9;

/** 135 film in a carton: core of the spool, thickness, length of a long roll, what is lost; common practice, from memory. */
const USUAL_ROLL: RollSpec = {
  film: "135",
  gap: 2,
  core: 11.5,
  thickness: 0.14,
  length: 1600,
  clicks: 1,
  leader: 120,
  tail: 60,
};

/**
 * A camera from a maker's measures: sheet where its kind puts it, hole opposite its middle.
 * The diameter is left to the default rule ({@link settled} works it out) unless the hole is bought with the box.
 */
export function newCamera(said: NewCamera): Camera {
  const container = containerOf(said);
  const chamber = chamberOf(said, container);
  const labels = container.shape === "drum" ? chamberLabels(container.tiers, container.sectors) : ["1"];
  const [first, ...others] = labels.map((label) => ({ ...chamber, label }));
  return seated({
    format: "still-box/camera",
    version: 1,
    id: said.id,
    name: said.name,
    notes: "",
    container,
    chambers: [first ?? chamber, ...others],
    shutter: null,
    ...(said.kind === "canister" ? { set: { count: USUAL_SET, exposed: [] } } : {}),
    measurements: [],
    calibration: {},
    createdAt: said.now,
    updatedAt: said.now,
  });
}

function chamberOf(said: NewCamera, container: Container): Chamber {
  const { kind } = said;
  const distance = distanceOf(said, container);
  const { high } = bodyOf(container, kind, distance);
  const onWall = sheetOnWall(kind);
  const sheetY = onWall ? (said.sheetHeight - high) / 2 : 0;
  const hole = {
    diameter: said.holeDiameter ?? ("best" as const),
    plateThickness: said.plateThickness,
    openingDiameter: said.openingDiameter,
    wall: said.wall,
    x: 0,
    y: said.holeAbove === null ? sheetY : said.holeAbove - high / 2,
  };
  const half = (said.base ?? EYES) / 2;
  const bowed = onWall || traitsOf(kind).lies === "bowed";
  return {
    label: "1",
    holes:
      kind === "stereo-box"
        ? [
            { ...hole, x: -half },
            { ...hole, x: half },
          ]
        : [hole],
    film: {
      surface: bowed ? "cylinder" : "flat",
      distance,
      width: said.sheetWidth,
      height: said.sheetHeight,
      x: 0,
      y: sheetY,
      ...(bowed
        ? { radius: onWall ? said.diameter / 2 : (said.radius ?? distance), slide: 0 }
        : { tiltX: said.tiltX ?? 0, tiltY: said.tiltY ?? (kind === "slanted-box" ? 25 : 0) }),
      medium: said.medium,
      format: said.format,
      trim: said.trimmed ? { width: said.sheetWidth, height: said.sheetHeight } : null,
    },
    aim: {
      rule: said.holeDiameter == null ? DEFAULT_RULE : "own",
      contrast: DEFAULT_CONTRAST,
      subjectDistance: null,
    },
    ...(kind === "roll-carton" ? { roll: USUAL_ROLL } : {}),
    ...(kind === "stereo-box" ? { divider: null } : {}),
  };
}

function distanceOf(said: NewCamera, container: Container): number {
  switch (container.shape) {
    case "box":
      return container.depth;
    case "cylinder":
      return said.kind === "lid-can" ? container.height : container.diameter;
    case "folded": {
      const { nearest, farthest } = foldedSizes(container);
      return said.distance ?? Math.round((nearest + farthest) / 2);
    }
    case "drum":
      // Two thirds of the way to the hub leaves the sheet room between the vanes.
      return said.distance ?? Math.round(container.diameter / 3);
    default:
      return container satisfies never;
  }
}

function containerOf(said: NewCamera): Container {
  const { kind, height, wall, material, insideBlack } = said;
  const common = { kind, wall, material, insideBlack };
  switch (traitsOf(kind).shape) {
    case "box":
      return { shape: "box", width: said.width, height, depth: said.depth, ...common };
    case "cylinder":
      return { shape: "cylinder", diameter: said.diameter, height, ...common };
    case "folded":
      return { shape: "folded", sheet: said.square ?? 330, paper: 0.25, clearance: 0.5, overlap: 10, ...common };
    case "drum":
      return {
        shape: "drum",
        diameter: said.diameter,
        height,
        tiers: said.tiers ?? 2,
        sectors: said.sectors ?? 4,
        gap: 2,
        baffle: null,
        ...common,
      };
    default:
      return traitsOf(kind).shape as never;
  }
}
