import type { HoleAnswer, HoleRefusal, HoleWarning, PixelPoint } from "../../core/make/holeScan/index.ts";

/** What is to be known of a hole that was measured, by its code. */
export const HOLE_WARNINGS: Readonly<Record<HoleWarning, string>> = {
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

/** A measured hole as `POST /api/hole` answers (FORMAT), its warnings in words. */
export function saidHoleAnswer(answer: HoleAnswer): object {
  return { ...answer, warnings: answer.warnings.map((code) => ({ code, message: HOLE_WARNINGS[code] })) };
}

/**
 * Why no hole was measured, in words that say what to do.
 *
 * @param choose how one says which of several spots is meant
 * @returns a sentence or two
 */
export function refusalWords(refusal: HoleRefusal, choose = "Say which one with x and y."): string {
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
      return `There are ${refusal.candidates.length} spots that could be the hole: at ${refusal.candidates.slice(0, 6).map(place).join("; ")}. ${choose}`;
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
