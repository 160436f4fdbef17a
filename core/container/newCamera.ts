import type { Camera, CameraKind, Container } from "./camera.ts";
import { DEFAULT_CONTRAST, DEFAULT_RULE } from "./edits.ts";

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
  readonly now: string;
}

/**
 * A camera from a maker's measures: sheet on the far wall (standing on the bottom of a can), hole opposite its middle.
 * The diameter is left to the default rule ({@link settled} works it out).
 */
export function newCamera(said: NewCamera): Camera {
  const container = containerOf(said);
  const isBox = container.shape === "box";
  const sheetY = isBox ? 0 : (said.sheetHeight - said.height) / 2;
  const distance = isBox ? said.depth : said.diameter;
  return {
    format: "still-box/camera",
    version: 1,
    id: said.id,
    name: said.name,
    notes: "",
    container,
    chambers: [
      {
        label: "1",
        holes: [
          {
            diameter: "best",
            plateThickness: said.plateThickness,
            openingDiameter: said.openingDiameter,
            wall: said.wall,
            x: 0,
            y: said.holeAbove === null ? sheetY : said.holeAbove - said.height / 2,
          },
        ],
        film: {
          surface: isBox ? "flat" : "cylinder",
          distance,
          width: said.sheetWidth,
          height: said.sheetHeight,
          x: 0,
          y: sheetY,
          ...(isBox ? { tiltX: 0, tiltY: 0 } : { radius: said.diameter / 2, slide: 0 }),
          medium: said.medium,
          format: said.format,
          trim: said.trimmed ? { width: said.sheetWidth, height: said.sheetHeight } : null,
        },
        aim: { rule: DEFAULT_RULE, contrast: DEFAULT_CONTRAST, subjectDistance: null },
      },
    ],
    shutter: null,
    measurements: [],
    calibration: {},
    createdAt: said.now,
    updatedAt: said.now,
  };
}

function containerOf(said: NewCamera): Container {
  const { kind, height, wall, material, insideBlack } = said;
  return kind === "flat-box"
    ? { shape: "box", kind, width: said.width, height, depth: said.depth, wall, material, insideBlack }
    : { shape: "cylinder", kind, diameter: said.diameter, height, wall, material, insideBlack };
}
