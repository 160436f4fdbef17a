import type { HoleOutline, HoleWarning } from "./measureHole.ts";

/** A hole measured from a picture: mm, the centre in pixels. `POST /api/hole` (FORMAT) answers it with its warnings in words. */
export interface HoleAnswer
  extends Pick<
    HoleOutline,
    "diameter" | "uncertainty" | "feretLeast" | "feretGreatest" | "circularity" | "axisRatio" | "roughness" | "centre"
  > {
  /** Size of a pixel. */
  readonly pixel: number;
  /** Specks of dust in the hole. */
  readonly debris: number;
  readonly warnings: readonly HoleWarning[];
}

/** Resolutions a scan or a microscope photograph can have, pixels per inch. */
export const DPI_RANGE = { least: 10, most: 1_000_000 } as const;

/** Share by which a scanner's stated resolution may be wrong; common practice for flatbeds. */
const SCALE_DOUBT = 0.003;

/**
 * An outline in pixels as an answer in mm.
 *
 * @param pixel size of a pixel, mm
 * @returns mm
 * @example holeAnswer({ diameter: 30, uncertainty: 0.1, dust: [], warnings: [] }, 0.01).diameter // 0.3
 */
export function holeAnswer(hole: HoleOutline, pixel: number): HoleAnswer {
  return {
    diameter: hole.diameter * pixel,
    uncertainty: Math.hypot(hole.uncertainty, SCALE_DOUBT * hole.diameter) * pixel,
    feretLeast: hole.feretLeast * pixel,
    feretGreatest: hole.feretGreatest * pixel,
    circularity: hole.circularity,
    axisRatio: hole.axisRatio,
    roughness: hole.roughness * pixel,
    centre: hole.centre,
    pixel,
    debris: hole.dust.length,
    warnings: hole.warnings,
  };
}
