export { DPI_RANGE, type HoleAnswer, holeAnswer } from "./answer.ts";
export type { Candidate, NoHole } from "./candidates.ts";
export { type HoleOutline, type HoleQuestion, type HoleRefusal, type HoleWarning, measureHole } from "./measureHole.ts";
export type { GreyPicture, PixelPoint } from "./picture.ts";
export { type OutlineShape, outlineShape } from "./shape.ts";
export { type PictureView, pictureView } from "./view.ts";
