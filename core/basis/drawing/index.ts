export { contour, type Grid } from "./contours.ts";
export { type Dimension, dimension } from "./dimension.ts";
export { hatchedRing, hatchedStrip } from "./hatching.ts";
export { INK, type InkName, type Inks } from "./ink.ts";
export { pathOf } from "./pathOf.ts";
export {
  arcPoints,
  type CircleMark,
  type LabelMark,
  type LineMark,
  label,
  line,
  type Mark,
  moved,
  outline,
  type Point,
  quarterTurned,
  type Rectangle,
  rectangle,
  type Scene,
  scaled,
} from "./scene.ts";
export { LAYERS, type Layer, type LayerStyle, TYPE } from "./tokens.ts";
export { sceneToSvg } from "./toSvg.ts";
export { brokenLines, fitted, labelBox, textWidth } from "./words.ts";
