export { type BiasPoint, biasHistory } from "./biasHistory.ts";
export { type Bias, type Experience, experience, type LearntBias } from "./experience.ts";
export { bracketStep, type ExposeAnswer, type ExposeLight, type ExposeRequest, expose } from "./expose.ts";
export { BIASED, type Biased, type JudgedShot, type ShotKeys, wantedStops } from "./judgedShot.ts";
export { withoutSurpassed } from "./surpassed.ts";
