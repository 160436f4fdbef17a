import { type Aperture, type Ray, vignetting } from "../rays/index.ts";

/** Closed set of warning codes (FORMAT). */
export type WarningCode = "corner-cut-by-plate" | "corner-cut-by-opening" | "corner-out-of-sight" | "hole-outside-band";

export interface SolveWarning {
  readonly code: WarningCode;
  readonly message: string;
}

/** One corner of the sheet as the hole sees it. */
export interface CornerView {
  readonly ray: Ray;
  readonly illumination: number;
}

/** A warning for each cause that by itself, or together with the plate, puts some corner in the dark. */
export function cornerWarnings(aperture: Aperture, corners: readonly CornerView[]): readonly SolveWarning[] {
  const warnings: SolveWarning[] = [];
  const seen = corners.filter((corner) => corner.ray.inSight).map((corner) => corner.ray.slope);
  if (seen.some((slope) => cutByPlate(aperture, slope))) {
    warnings.push({
      code: "corner-cut-by-plate",
      message: `The plate, ${aperture.plateThickness} mm thick, hides a corner of the sheet from the hole: take a thinner plate, a larger hole or a smaller sheet.`,
    });
  }
  if (seen.some((slope) => cutByOpening(aperture, slope))) {
    warnings.push({
      code: "corner-cut-by-opening",
      message: `The opening in the body, ${aperture.openingDiameter} mm, hides a corner of the sheet from the hole: widen it.`,
    });
  }
  if (seen.length < corners.length) {
    warnings.push({
      code: "corner-out-of-sight",
      message: "A corner of the sheet lies beside or behind the hole, or turns its back to it: no light reaches it.",
    });
  }
  return warnings;
}

function cutByPlate(aperture: Aperture, slope: number): boolean {
  return vignetting({ ...aperture, openingDiameter: null }, slope) === 0;
}

function cutByOpening(aperture: Aperture, slope: number): boolean {
  const alone = { ...aperture, plateThickness: 0 };
  return vignetting(alone, slope) === 0 || (!cutByPlate(aperture, slope) && vignetting(aperture, slope) === 0);
}
