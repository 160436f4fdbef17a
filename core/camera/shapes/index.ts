export { rimDiameter } from "./cylinder.ts";
export { chamberLabels } from "./drum.ts";
export { type FoldedSizes, foldedBase, foldedSizes } from "./folded.ts";
export type { Body, Plan, ShapeFacts } from "./shape.ts";
export { SHAPES, shapeOf } from "./shapeOf.ts";
