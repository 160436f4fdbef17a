import {
  type Camera,
  cameraBody,
  type DesignLight,
  DRILLED_FROM,
  type HoleMount,
  holeAt,
  holeMount,
  isBuilt,
  measuredDiameter,
  PLATE_SIZE,
  PUSHED_THROUGH,
  THINNEST_DRILL,
  USUAL_OPENING,
  USUAL_PLATE,
  type WallMaterial,
  wallMaterial,
} from "../../camera/container/index.ts";
import { judgeHole } from "../../camera/holeToMake/index.ts";
import { shapeOf } from "../../camera/shapes/index.ts";
import type { Optimum } from "../../light/hole/index.ts";

/** With what an opening is cut: what suits the wall. */
export type OpeningTool = "knife" | "step drill" | "pilot and bit" | "saw";

/** The holes of a camera: what they are in, how they are made, where; lengths in mm. */
export interface HolePlan {
  readonly mount: HoleMount;
  /** Diameter to make, or as it was measured. */
  readonly diameter: number;
  /** Diameters that look the same; for the sun’s trails, those that are usual. */
  readonly band: readonly [low: number, high: number];
  readonly isMeasured: boolean;
  /** Whether it is larger than the sharpest because the maker wants it so; then no page asks for another. */
  readonly isMeant: boolean;
  /** Through what it goes: plate or wall. */
  readonly through: number;
  /** What makes it; `null`: it was bought. */
  readonly tool: "needle" | "pin" | "drill" | null;
  /** Whether the wall is sanded thin before a pin goes through. */
  readonly isSanded: boolean;
  /** From the middle of the face to the right and up, one place a hole, of one tier. */
  readonly places: readonly HolePlace[];
  /** Between the two holes of a pair; `null`: there is one. */
  readonly apart: number | null;
  /** Of all tiers. */
  readonly count: number;
  /** Side of the square plate; `null`: none is fixed by the maker. */
  readonly plate: number | null;
  /** Length of the strip of tape on each of its sides; `null`: no plate. */
  readonly strip: number | null;
  readonly plateSide: "inside" | "outside";
  /** Whether the plate is bent with the wall. */
  readonly isCurved: boolean;
  /** With what its opening is cut; `null`: there is none to cut. */
  readonly opening: OpeningTool | null;
}

/** Where a hole goes. */
export interface HolePlace {
  readonly x: number;
  readonly y: number;
  /** Diameter of the opening in the body; `null`: the hole is in the wall itself. */
  readonly opening: number | null;
}

/** Knife for card, step drill or tin opener for tin, pilot and bit for plastic. Common practice. */
const OPENED_BY: Readonly<Record<WallMaterial, OpeningTool>> = {
  card: "knife",
  steel: "step drill",
  aluminium: "step drill",
  plastic: "pilot and bit",
  wood: "saw",
};

/** Tape past a plate's corners at each end of a strip, mm; common practice. */
const PAST_PLATE = 12;

/** The holes of a camera. */
export function holePlan(
  camera: Camera,
  { light, ideal }: { readonly light: DesignLight; readonly ideal: Optimum },
): HolePlan {
  const mount = holeMount(camera);
  const { diameter, toMake, found, verdict, sun } = judgeHole(camera, light, ideal);
  const { holes } = camera.chambers[0];
  const [first, second] = holes;
  const built = isBuilt(camera);
  const hasOpening = built && mount !== "wall";
  const through = holeAt(camera).plateThickness ?? USUAL_PLATE;
  const isThick = mount === "wall" && through > PUSHED_THROUGH[wallMaterial(camera)];
  const isDrilled = diameter >= DRILLED_FROM || (isThick && diameter >= THINNEST_DRILL);
  const tool = mount === "bought" ? null : mount === "plate" ? "needle" : isDrilled ? "drill" : "pin";
  return {
    mount,
    diameter,
    band: sun?.usual ?? toMake.band,
    isMeasured: measuredDiameter(camera) !== null,
    isMeant:
      verdict.action === "wish" || (found !== null && verdict.action === "keep" && verdict.reason === "as wished"),
    through,
    tool,
    isSanded: tool === "pin" && isThick,
    places: holes.map(({ x = 0, y = 0, openingDiameter }) => ({
      x,
      y,
      opening: hasOpening ? (openingDiameter ?? USUAL_OPENING) : null,
    })),
    apart: second === undefined ? null : Math.hypot((second.x ?? 0) - (first.x ?? 0), (second.y ?? 0) - (first.y ?? 0)),
    count: holes.length * shapeOf(camera.container).tiers,
    plate: hasOpening ? PLATE_SIZE : null,
    strip: hasOpening ? PLATE_SIZE + 2 * PAST_PLATE : null,
    plateSide: camera.container.plateSide ?? "inside",
    isCurved: cameraBody(camera).face === "wall",
    opening: hasOpening ? OPENED_BY[wallMaterial(camera)] : null,
  };
}
