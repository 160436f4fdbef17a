import type { HoleOutline, HoleRefusal, HoleWarning } from "./measureHole.ts";
import type { PixelPoint } from "./picture.ts";

/** A hole measured from a picture, as `POST /api/hole` answers (FORMAT): mm, the centre in pixels. */
export interface HoleAnswer
  extends Pick<
    HoleOutline,
    "diameter" | "uncertainty" | "feretLeast" | "feretGreatest" | "circularity" | "axisRatio" | "roughness" | "centre"
  > {
  /** Size of a pixel. */
  readonly pixel: number;
  /** Specks of dust in the hole. */
  readonly debris: number;
  readonly warnings: readonly { readonly code: HoleWarning; readonly message: string }[];
}

/** Resolutions a scan or a microscope photograph can have, pixels per inch. */
export const DPI_RANGE = { least: 10, most: 1_000_000 } as const;

/** Share by which a scanner's stated resolution may be wrong; common practice for flatbeds. */
const SCALE_DOUBT = 0.003;

/**
 * An outline in pixels as an answer in mm.
 *
 * @param pixel size of a pixel, mm
 * @returns the answer of `POST /api/hole`, mm
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
    warnings: hole.warnings.map((code) => ({ code, message: WARNINGS[code] })),
  };
}

const WARNINGS: Readonly<Record<HoleWarning, string>> = {
  "few-pixels":
    "The hole is under six pixels wide: believe it only within its ±. Scan again at twice the resolution or more.",
  clipped: "The light in the hole is at the end of the scale: the rim may lie a little further in. Scan it darker.",
  "light-from-spread":
    "The hole is too small to show its full light; that was worked out from how the spot spreads. Leave some bare glass beside the plate, or scan finer.",
  blurred: "The rim is blurred over much of the hole. Lay the plate flat on the glass, or scan finer.",
  noisy: "The picture is grainy: a slower or repeated scan is surer.",
  "undid-srgb": "The numbers are those of a picture for screens (sRGB); that was undone before the rim was sought.",
  "numbers-unsaid":
    "The file does not say what its numbers stand for; they were taken as light itself. If it was saved for screens, say so: the hole is then a little smaller.",
  dust: "There is dust in the hole. It was left out of the size; blow it away before the plate goes in.",
  burrs: "The rim stands in or out in places: look for burrs.",
  oval: "The hole is oval, or the plate did not lie flat.",
};

/**
 * Why no hole was measured, in words that say what to do.
 *
 * @returns a sentence or two
 * @example refusalWords({ reason: "not-there" }) // "There is no hole at this place. Point to the middle of a spot."
 */
export function refusalWords(refusal: HoleRefusal): string {
  switch (refusal.reason) {
    case "no-contrast":
      return "Nothing in this picture is clearly brighter or darker than the rest. Light the plate from behind and scan it with the lid’s lamp, or against black.";
    case "white":
      return "The whole picture is white: it is over-exposed. Scan it darker.";
    case "saturated":
      return "The light in the hole is far beyond the end of the scale and spills over the rim. Scan it darker.";
    case "noise":
      return "The picture falls into too many specks to find a hole in.";
    case "no-hole":
      return "No round spot that could be a hole stands clear of its plate in this picture.";
    case "cut-off":
      return `The spot at ${place(refusal.at)} is cut by the picture’s edge. Scan the whole hole with some plate round it.`;
    case "several":
      return `There are ${refusal.candidates.length} spots that could be the hole: at ${refusal.candidates.slice(0, 6).map(place).join("; ")}. Say which one with x and y.`;
    case "not-there":
      return "There is no hole at this place. Point to the middle of a spot.";
    case "blurred":
      return "The spot is a blur without a rim. Lay the plate flat on the glass, or scan finer.";
    default:
      return refusal satisfies never;
  }
}

function place({ x, y }: PixelPoint): string {
  return `${Math.round(x)}, ${Math.round(y)}`;
}
