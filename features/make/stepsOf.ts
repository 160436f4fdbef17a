import type { CutOrder } from "../../core/make/cutsheet/index.ts";
import { type BuildStep, buildSteps } from "../../core/make/steps/index.ts";
import { stepTexts } from "../../wording/make/buildSteps.ts";

/** The steps for a camera as the maker chose to build it: the same on Build and in a group's kit. */
export function stepsOf({ plan, words }: CutOrder): readonly BuildStep[] {
  return buildSteps({ plan, words, texts: stepTexts });
}
