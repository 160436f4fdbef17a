export { type BuildTime, buildTime } from "./buildTime.ts";
export { asMade, byGauge, byProjection, byReticle, type Sized } from "./byHand.ts";
export { type DarkroomTimes, darkroomTurns, type Turn, USUAL_TIMES } from "./schedule.ts";
export { type BuildOrder, type BuildStep, buildSteps } from "./steps.ts";
export { filled, type MakingQuestion, type StepText, type StepTexts } from "./stepText.ts";
export { type ConicalTip, coneDiameter, needleTurns, type Suited, suitedTools } from "./toolTips.ts";
