export { type Developed, type Development, develop, rowsFor } from "./develop.ts";
export type { Rows } from "./grid.ts";
export { kernelAt, spread } from "./kernel.ts";
export { drawnPixels, type Exposed, type PreviewOrder, renderExposure, sightAt } from "./render.ts";
export { orderOf, type PreviewRequest } from "./request.ts";
export { GREY, type PreviewScene } from "./scene.ts";
export { scenes } from "./scenes/index.ts";
export { pictureScene, type ScenePicture } from "./scenes/picture.ts";
export { slantedEdge } from "./scenes/target.ts";
