import type { FilmSpec, HoleSpec } from "../../../light/solve/index.ts";
import type { Container } from "./containers.ts";
import type { RollSpec } from "./rollSpec.ts";

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

/** What a hole is in: a plate over an opening, the container's own wall, or what it was bought in. */
export type HoleMount = "plate" | "wall" | "bought";

/** What a camera is for: a picture, or the sun's trails of weeks and months on a sheet that is never developed. */
export type Purpose = "picture" | "trail";

export interface Chamber {
  readonly label?: string | undefined;
  readonly holes: readonly [HoleSpec, ...HoleSpec[]];
  readonly film: ChamberFilm;
  readonly aim?: Aim | undefined;
  /** Left out: what is usual for the kind. */
  readonly mount?: HoleMount | undefined;
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
  /** How far the container's own lid reaches down its outside, measured, mm. */
  readonly lidReach?: number | null | undefined;
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
  /** Left out: a picture. */
  readonly purpose?: Purpose | undefined;
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
