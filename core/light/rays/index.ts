export { illumination, type Ray, rayTo, stopsLost } from "./illumination.ts";
export { imageCircle, plateLimit } from "./imageCircle.ts";
export { type SceneDirection, type SheetPlace, sceneToSheet, sheetToScene } from "./sceneSheet.ts";
export { type Surface, surfacePoint } from "./surface.ts";
export { angleBetween, dot, length, multiplied, subtract, type Vector } from "./vector.ts";
export { type Aperture, steepestSlope, vignetting, vignettingMargin } from "./vignetting.ts";
