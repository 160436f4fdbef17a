export { illumination, type Ray, rayTo, stopsLost } from "./illumination.ts";
export { imageCircle, plateLimit } from "./imageCircle.ts";
export { type Aperture, openArea, openMargin, steepestSlope } from "./openArea.ts";
export { type SceneDirection, type SheetPlace, sceneToSheet, sheetToScene } from "./sceneSheet.ts";
export { type Surface, surfacePoint } from "./surface.ts";
export { angleBetween, dot, length, scaled, subtract, type Vector } from "./vector.ts";
