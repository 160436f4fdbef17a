import type { FilmSpec, HoleSpec, SolveRequest } from "../solve/index.ts";

/** The four cameras the maker can choose from. */
export type CameraKind = "flat-box" | "curled-can" | "far-wall-tin" | "canister";

interface ContainerCommon {
  readonly kind?: CameraKind | undefined;
  /** Thickness of the wall at the hole, mm, ≥ 0. */
  readonly wall: number;
  readonly material?: string | undefined;
  readonly insideBlack?: boolean | undefined;
}

/** A box: inner sizes in mm; the hole is in the front, the sheet on the wall opposite, `depth` away. */
export interface BoxContainer extends ContainerCommon {
  readonly shape: "box";
  readonly width: number;
  readonly height: number;
  readonly depth: number;
}

/** A can, tin or canister standing upright: inner sizes in mm; hole and sheet are on its wall. */
export interface CylinderContainer extends ContainerCommon {
  readonly shape: "cylinder";
  readonly diameter: number;
  readonly height: number;
}

export type Container = BoxContainer | CylinderContainer;

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
  readonly measurements?: readonly Measurement[] | undefined;
  readonly calibration?: Readonly<Record<string, unknown>> | undefined;
  readonly createdAt?: string | undefined;
  readonly updatedAt?: string | undefined;
}

/** The light a medium sees, as far as the design depends on it. */
export interface DesignLight {
  readonly wavelengthNm: number;
  readonly iso: number;
}

/** The kind of a camera; for files that don't name it, from shape and sheet. */
export function cameraKind(camera: Camera): CameraKind {
  const { container } = camera;
  if (container.kind !== undefined) return container.kind;
  if (container.shape === "box") return "flat-box";
  return camera.chambers[0].film.width > (Math.PI * container.diameter) / 2 ? "curled-can" : "far-wall-tin";
}

/** The newest measurement of the first hole in mm, or `null`. */
export function measuredDiameter(camera: Camera): number | null {
  const own = (camera.measurements ?? []).filter(({ chamber = 0, hole = 0 }) => chamber === 0 && hole === 0);
  return own.at(-1)?.diameter ?? null;
}

/** What `solve` is asked about this camera: its first hole (as measured, where it was) and its first sheet. */
export function solveRequest(camera: Camera, light: DesignLight): SolveRequest {
  const { holes, film, aim } = camera.chambers[0];
  return {
    hole: { ...holes[0], diameter: measuredDiameter(camera) ?? holes[0].diameter },
    film,
    light: {
      wavelength: light.wavelengthNm,
      iso: light.iso,
      contrast: aim?.contrast,
      subjectDistance: aim?.subjectDistance,
    },
  };
}
