import type { FilmSpec } from "../../../light/solve/index.ts";
import type { DesignField } from "../../fields/designFields.ts";
import { type CameraKind, kindRecord } from "../../kinds/registry.ts";
import { mountOf } from "../../mounts/mountOf.ts";
import { SHAPES, shapeOf } from "../../shapes/shapeOf.ts";
import { stereo } from "../../stereo/stereo.ts";
import { holeMount } from "../facts/holeMount.ts";
import type { Camera, Chamber, HoleMount, Purpose } from "../model/camera.ts";
import type { Container } from "../model/containers.ts";
import { EYES } from "../model/usualSizes.ts";
import { DEFAULT_CONTRAST, DEFAULT_RULE } from "./edits.ts";
import { seated } from "./seated.ts";
import { withMount } from "./withMount.ts";
import { withPurpose } from "./withPurpose.ts";

/** What a maker says of a new camera. */
export interface NewCamera {
  readonly id: string;
  readonly name: string;
  readonly kind: CameraKind;
  /**
   * Sizes by field, mm and degrees. Left out or `null`: the hole opposite the sheet's middle (`hole.above`), nothing that
   * cuts (`hole.openingDiameter`), a hole by rule, or what is usual for trails (`hole.diameter`), else what is usual.
   */
  readonly sizes: Readonly<Partial<Record<DesignField, number | null>>>;
  readonly material: string;
  readonly insideBlack: boolean;
  readonly format: string | null;
  readonly trimmed: boolean;
  readonly medium: string;
  readonly plateThickness: number;
  /** What it is for, what its hole is in, how many are made alike; left out: what is usual for the kind. */
  readonly purpose?: Purpose;
  readonly mount?: HoleMount;
  readonly alike?: number;
  readonly now: string;
}

/**
 * A camera from a maker's measures: sheet where its kind puts it, hole opposite its middle.
 * The diameter is left to the default rule ({@link settled} works it out) unless the hole is bought with the box.
 *
 * @returns a design that is seated, its holes `"best"` until it is settled
 * @example newCamera({ …name: "Tin", kind }).chambers[0].holes[0].diameter // "best", until it is settled
 */
export function newCamera(said: NewCamera): Camera {
  const kind = kindRecord(said.kind);
  const container = containerOf(said);
  const chamber = chamberOf(said, container);
  const [first, ...others] = shapeOf(container)
    .chambers()
    .map((label) => ({ ...chamber, label }));
  const alike = said.alike ?? kind.set ?? 1;
  const picture = seated({
    format: "still-box/camera",
    version: 1,
    id: said.id,
    name: said.name,
    notes: "",
    container,
    chambers: [first ?? chamber, ...others],
    shutter: null,
    ...(alike > 1 || kind.set !== undefined ? { set: { count: alike, exposed: [] } } : {}),
    measurements: [],
    calibration: {},
    createdAt: said.now,
    updatedAt: said.now,
  });
  const made = said.purpose === "trail" ? withPurpose(picture, said.purpose) : picture;
  return said.mount === undefined || said.mount === holeMount(made) ? made : withMount(made, said.mount);
}

function containerOf({ kind, sizes, material, insideBlack }: NewCamera): Container {
  const known = Object.fromEntries(Object.entries(sizes).filter(([, value]) => value !== null));
  return SHAPES[kindRecord(kind).shape].from(known, {
    kind,
    wall: sizes["container.wall"] ?? 0,
    material,
    insideBlack,
  });
}

function chamberOf(said: NewCamera, container: Container): Chamber {
  const { sizes } = said;
  const kind = kindRecord(said.kind);
  const { onWall } = mountOf(said.kind);
  const shape = shapeOf(container);
  const distance = shape.slides ? (sizes["film.distance"] ?? shape.usualDistance) : shape.usualDistance;
  const { high } = shape.body(onWall, distance);
  const [width, height] = [sizes["film.width"] ?? 0, sizes["film.height"] ?? 0];
  const sheetY = onWall ? (height - high) / 2 : 0;
  const { "hole.above": above = null, "hole.diameter": bought = null } = sizes;
  const hole = {
    diameter: bought ?? ("best" as const),
    plateThickness: said.plateThickness,
    openingDiameter: sizes["hole.openingDiameter"] ?? null,
    wall: container.wall,
    x: 0,
    y: above === null ? sheetY : above - high / 2,
  };
  const half = (sizes["hole.base"] ?? EYES) / 2;
  return {
    label: "1",
    holes: kind.pair
      ? [
          { ...hole, x: -half },
          { ...hole, x: half },
        ]
      : [hole],
    film: {
      ...surfaceOf(said, distance),
      distance,
      width,
      height,
      x: 0,
      y: sheetY,
      medium: said.medium,
      format: said.format,
      trim: said.trimmed ? { width, height } : null,
    },
    aim: { rule: bought === null ? DEFAULT_RULE : "own", contrast: DEFAULT_CONTRAST, subjectDistance: null },
    ...(kind.roll ? { roll: kind.roll } : {}),
    ...(kind.pair ? { divider: dividerFor(half, distance, width) } : {}),
  };
}

/** A wall that parts the two pictures however steep the light comes; its height in full millimetres. */
function dividerFor(half: number, distance: number, sheetWidth: number): number {
  const { divider } = stereo({ holes: [-half, half], distance, sheetWidth, steepest: Number.POSITIVE_INFINITY });
  return Math.ceil(divider ?? 0);
}

/** The form of the sheet: flat with its lean, or bent; where it is bent round a wall, seating it sets the radius. */
function surfaceOf({ kind, sizes }: NewCamera, distance: number): Pick<FilmSpec, "surface"> & Partial<FilmSpec> {
  const { usual } = kindRecord(kind);
  return mountOf(kind).bent
    ? { surface: "cylinder", radius: sizes["film.radius"] ?? distance, slide: 0 }
    : {
        surface: "flat",
        tiltX: sizes["film.tiltX"] ?? usual["film.tiltX"] ?? 0,
        tiltY: sizes["film.tiltY"] ?? usual["film.tiltY"] ?? 0,
      };
}
