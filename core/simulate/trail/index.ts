export { type ColourPicture, type MadeUpCan, type MadeUpDisturbance, madeUpTrail } from "./madeUpTrail.ts";
export { printedScene } from "./printedScene.ts";
export { horizonBefore, leanedScene } from "./standingScene.ts";
