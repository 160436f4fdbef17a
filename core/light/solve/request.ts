/** A hole as `POST /api/solve` and the camera file describe it; mm. Left out: thickness, wall, x, y 0, no opening. */
export interface HoleSpec {
  /** Diameter, 0 < d ≤ 10, or `"best"` for Rayleigh's. */
  readonly diameter: number | "best";
  readonly plateThickness?: number | undefined;
  readonly openingDiameter?: number | null | undefined;
  readonly wall?: number | undefined;
  readonly x?: number | undefined;
  readonly y?: number | undefined;
}

/** A sheet as `POST /api/solve` and the camera file describe it; mm and degrees. */
export interface FilmSpec {
  readonly surface?: "flat" | "cylinder" | undefined;
  readonly distance: number;
  readonly width: number;
  readonly height: number;
  readonly x?: number | undefined;
  readonly y?: number | undefined;
  /** Degrees, strictly within ±90; flat only. */
  readonly tiltX?: number | undefined;
  readonly tiltY?: number | undefined;
  /** Cylinder only. */
  readonly radius?: number | undefined;
  readonly slide?: number | undefined;
}

/** The light a hole is judged in. Left out: 550 nm, ISO 6, contrast 0.2, far subject. */
export interface LightSpec {
  readonly wavelength?: number | undefined;
  readonly iso?: number | undefined;
  readonly contrast?: number | undefined;
  readonly subjectDistance?: number | null | undefined;
}

/** One hole, one sheet (FORMAT, “POST /api/solve”). */
export interface SolveRequest {
  readonly hole: HoleSpec;
  readonly film: FilmSpec;
  readonly light?: LightSpec | undefined;
}

/** Values that stand for what a request leaves out (FORMAT). */
export const SOLVE_DEFAULTS = { wavelength: 550, iso: 6, contrast: 0.2 } as const;
