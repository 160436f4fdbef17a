import { stepTexts } from "../../catalogue/buildSteps.ts";
import { makingQuestions } from "../../catalogue/makingQuestions.ts";
import type { CutOrder } from "../../core/make/cutsheet/index.ts";
import { type BuildStep, buildSteps } from "../../core/make/steps/index.ts";

/** The steps for a camera as the maker chose to build it: the same on Build and in a group's kit. */
export function stepsOf({ camera, diameter, band, words }: CutOrder): readonly BuildStep[] {
  return buildSteps({
    camera,
    diameter,
    band,
    words,
    choices: camera.making?.choices ?? {},
    texts: stepTexts,
    questions: makingQuestions,
  });
}
