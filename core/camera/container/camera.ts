import type { FilmSpec, HoleSpec, SolveRequest } from "../../light/solve/index.ts";
import { combined } from "./combined.ts";

/** The cameras a maker can choose from; `traits.ts` says what each is. */
export type CameraKind =
  | "flat-box"
  | "slanted-box"
  | "curved-box"
  | "stereo-box"
  | "bought-box"
  | "roll-carton"
  | "folded-box"
  | "curled-can"
  | "far-wall-tin"
  | "canister"
  | "lid-can"
  | "drum";

interface ContainerCommon {
  readonly kind?: CameraKind | undefined;
  /** Thickness of the wall at the hole, mm, ≥ 0. */
  readonly wall: number;
  readonly material?: string | undefined;
  readonly insideBlack?: boolean | undefined;
  /** Which side of the wall the plate with the hole is on; inside where nothing is said. */
  readonly plateSide?: "inside" | "outside" | undefined;
  /** Whether a lamp behind the wall shows through. */
  readonly translucent?: boolean | undefined;
  /** Layers of tape at lid and corners. */
  readonly tapeLayers?: number | undefined;
}

/** A box: inner sizes in mm; the hole is in the front, the sheet on the wall opposite, `depth` away. */
export interface BoxContainer extends ContainerCommon {
  readonly shape: "box";
  readonly width: number;
  readonly height: number;
  readonly depth: number;
}

/** A can, tin or canister: inner sizes in mm; the hole is in its wall (or, for `lid-can`, in its lid). */
export interface CylinderContainer extends ContainerCommon {
  readonly shape: "cylinder";
  readonly diameter: number;
  readonly height: number;
}

/** Two open boxes folded from square card, one slid into the other (PHYSICS section 7); mm. */
export interface FoldedContainer extends ContainerCommon {
  readonly shape: "folded";
  /** Side S of the outer box's square card. */
  readonly sheet: number;
  /** Thickness of one layer of the card. */
  readonly paper: number;
  /** Air between the two boxes, each side. */
  readonly clearance: number;
  /** How far the boxes must overlap to keep light out. */
  readonly overlap: number;
}

/** A drum turned before its holes: tiers of chambers round an upright axis; inner sizes in mm. */
export interface DrumContainer extends ContainerCommon {
  readonly shape: "drum";
  readonly diameter: number;
  readonly height: number;
  readonly tiers: number;
  /** Chambers in each tier. */
  readonly sectors: number;
  /** Air between the vanes' edges and the drum's wall. */
  readonly gap: number;
  /** Strips that stand beside each hole and keep light from the neighbours; `null`: none. */
  readonly baffle?: { readonly aside: number; readonly height: number } | null | undefined;
}

export type Container = BoxContainer | CylinderContainer | FoldedContainer | DrumContainer;

/** Film pulled across the back from one spool to another (PHYSICS section 6); mm. */
export interface RollSpec {
  readonly film: "135" | "120";
  /** Clear between two pictures, at least. */
  readonly gap: number;
  /** Diameter of the take-up spool's core. */
  readonly core: number;
  /** Thickness of the film, backing paper included. */
  readonly thickness: number;
  /** Length that can be exposed or lost, end to end. */
  readonly length: number;
  /** Clicks (or marks) in one turn of the winder. */
  readonly clicks: number;
  /** What is lost at the start and the end. */
  readonly leader: number;
  readonly tail: number;
}

/** The sheet of a chamber with what it was cut from. */
export interface ChamberFilm extends FilmSpec {
  /** Catalogue id of the paper or film. */
  readonly medium?: string | null | undefined;
  /** Catalogue id of the format the sheet is or was cut from. */
  readonly format?: string | null | undefined;
  /** Size it is cut to, when that differs from the format. */
  readonly trim?: { readonly width: number; readonly height: number } | null | undefined;
}

/** Which rule gives the hole's diameter; `own` keeps what the maker typed. */
export type HoleRule = "petzval" | "airy" | "rayleigh" | "zone" | "computed" | "own";

/** What the maker wants of the hole. */
export interface Aim {
  readonly rule?: HoleRule | undefined;
  readonly contrast?: number | undefined;
  readonly subjectDistance?: number | null | undefined;
}

export interface Chamber {
  readonly label?: string | undefined;
  readonly holes: readonly [HoleSpec, ...HoleSpec[]];
  readonly film: ChamberFilm;
  readonly aim?: Aim | undefined;
  readonly roll?: RollSpec | null | undefined;
  /** How far a wall between two pictures on one sheet stands forward of it, mm; `null`: none. */
  readonly divider?: number | null | undefined;
}

/** Several cameras made alike and numbered, kept in one tray. */
export interface CameraSet {
  readonly count: number;
  /** Numbers of those exposed. */
  readonly exposed: readonly number[];
}

/** A hole as somebody measured it. */
export interface Measurement {
  readonly chamber?: number | undefined;
  readonly hole?: number | undefined;
  /** Diameter in mm. */
  readonly diameter: number;
  readonly uncertainty?: number | null | undefined;
  readonly way?: string | undefined;
  readonly at?: string | undefined;
  /** Short over long axis, where the hole's shape was seen. */
  readonly axisRatio?: number | null | undefined;
  /** Root mean square of the rim about its ellipse, mm, where it was seen. */
  readonly roughness?: number | null | undefined;
}

/** How a camera is being made: what was chosen, what is done. */
export interface Making {
  /** Catalogue id of the plate, or `own`. */
  readonly plate?: string | undefined;
  /** Catalogue id of the way to the hole. */
  readonly way?: string | undefined;
  /** What was chosen where makers disagree, by question. */
  readonly choices?: Readonly<Record<string, string>> | undefined;
  /** Steps that are done. */
  readonly done?: readonly string[] | undefined;
  /** Outer diameter of an open can's rim, measured, mm. */
  readonly rim?: number | null | undefined;
}

/** One trial whether light gets in. */
export interface LightTest {
  /** ISO 8601. */
  readonly at: string;
  readonly way: "lamp" | "sheet";
  /** Where light came in; none: the camera is tight. */
  readonly faults: readonly string[];
  readonly note?: string | undefined;
}

/** A design as it was once, to go back to. */
export interface CameraVersion {
  readonly id: string;
  readonly name: string;
  /** ISO 8601. */
  readonly at: string;
  readonly container: Container;
  readonly chambers: readonly [Chamber, ...Chamber[]];
  readonly measurements?: readonly Measurement[];
}

/** `still-box/camera` version 1: one camera's design. */
export interface Camera {
  readonly format: "still-box/camera";
  readonly version: 1;
  readonly id: string;
  readonly name: string;
  readonly notes?: string | undefined;
  readonly container: Container;
  readonly chambers: readonly [Chamber, ...Chamber[]];
  readonly shutter?: string | null | undefined;
  readonly set?: CameraSet | null | undefined;
  readonly measurements?: readonly Measurement[] | undefined;
  readonly versions?: readonly CameraVersion[] | undefined;
  readonly making?: Making | null | undefined;
  readonly lightTests?: readonly LightTest[] | undefined;
  readonly calibration?: Readonly<Record<string, unknown>> | undefined;
  readonly createdAt?: string | undefined;
  readonly updatedAt?: string | undefined;
}

/** The light a medium sees, as far as the design depends on it. */
export interface DesignLight {
  readonly wavelengthNm: number;
  readonly iso: number;
}

/** The kind of a camera; for files that don't name it, from shape, sheet and holes. */
export function cameraKind({ container, chambers }: Camera): CameraKind {
  if (container.kind !== undefined) return container.kind;
  const [{ film, holes, roll }] = chambers;
  switch (container.shape) {
    case "box":
      if (roll != null) return "roll-carton";
      if (holes.length > 1) return "stereo-box";
      if (film.surface === "cylinder") return "curved-box";
      return (film.tiltX ?? 0) !== 0 || (film.tiltY ?? 0) !== 0 ? "slanted-box" : "flat-box";
    case "cylinder":
      if (film.surface !== "cylinder") return "lid-can";
      return film.width > (Math.PI * container.diameter) / 2 ? "curled-can" : "far-wall-tin";
    case "folded":
      return "folded-box";
    case "drum":
      return "drum";
    default:
      return container satisfies never;
  }
}

/** A hole of the first chamber by its number, counted from 0; the first one where there are not so many. */
export function holeAt(camera: Camera, hole = 0): HoleSpec {
  const { holes } = camera.chambers[0];
  return holes[hole] ?? holes[0];
}

/** The measurements of a hole of the first chamber, oldest first. Chambers of a drum look through one hole. */
export function measurementsOf(camera: Camera, of = 0): readonly Measurement[] {
  return (camera.measurements ?? []).filter(({ chamber = 0, hole = 0 }) => chamber === 0 && hole === of);
}

/** A hole's diameter as measured, mm, or `null`: the newest value, or all that state a ± combined with it. */
export function measuredDiameter(camera: Camera, of = 0): number | null {
  const own = measurementsOf(camera, of);
  const newest = own.at(-1);
  if (newest === undefined) return null;
  return newest.uncertainty == null ? newest.diameter : (combined(own)?.value ?? newest.diameter);
}

/**
 * What `solve` is asked about one picture of a camera: where two holes share a sheet, each has its own half of it.
 * Else the same as {@link solveRequest}.
 */
export function pictureRequest(camera: Camera, light: DesignLight, hole = 0): SolveRequest {
  const request = solveRequest(camera, light, hole);
  const { holes, film } = camera.chambers[0];
  if (holes.length !== 2 || film.surface === "cylinder" || (film.tiltX ?? 0) !== 0 || (film.tiltY ?? 0) !== 0) {
    return request;
  }
  const other = holeAt(camera, 1 - hole);
  const side = Math.sign((request.hole.x ?? 0) - (other.x ?? 0)) || 1;
  const half = film.width / 2;
  return { ...request, film: { ...request.film, width: half, x: (film.x ?? 0) + (side * half) / 2 } };
}

/** What `solve` is asked about a camera: one of its holes (as measured, where it was) and its first sheet. */
export function solveRequest(camera: Camera, light: DesignLight, hole = 0): SolveRequest {
  const { film, aim } = camera.chambers[0];
  const spec = holeAt(camera, hole);
  return {
    hole: { ...spec, diameter: measuredDiameter(camera, hole) ?? spec.diameter },
    film,
    light: {
      wavelength: light.wavelengthNm,
      iso: light.iso,
      contrast: aim?.contrast,
      subjectDistance: aim?.subjectDistance,
    },
  };
}
