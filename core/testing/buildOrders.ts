import type { Camera } from "../camera/container/index.ts";
import type { BuildOrder, StepTexts } from "../make/steps/index.ts";
import { inMm } from "./cameras.ts";
import { planFor, withChoices } from "./plans.ts";

/** A building order for a camera with a catalogue's words, and ways chosen where makers disagree. */
export function buildOrderFor(
  camera: Camera,
  texts: StepTexts,
  choices: Readonly<Record<string, string>> = {},
): BuildOrder {
  return { plan: planFor(withChoices(camera, choices)), words: inMm, texts };
}
