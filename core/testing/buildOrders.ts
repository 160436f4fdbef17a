import type { Camera } from "../camera/container/index.ts";
import type { BuildOrder, MakingQuestion, StepTexts } from "../make/steps/index.ts";
import { inMm } from "./cameras.ts";

/** A building order for a camera with a catalogue's words. */
export function buildOrderFor(
  camera: Camera,
  words: { readonly texts: StepTexts; readonly questions: readonly MakingQuestion[] },
  more: Partial<BuildOrder> = {},
): BuildOrder {
  return { camera, diameter: 0.321, band: [0.28, 0.35], words: inMm, choices: {}, ...words, ...more };
}
