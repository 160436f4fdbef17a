export { isConvex } from "./convex.ts";
export {
  derivativeAt,
  type Homography,
  inverseOf,
  type Line,
  mappedBy,
  type PlanePoint,
  type Quad,
  rectangleTo,
} from "./homography.ts";
export { focalLengthFromExif, USUAL_FOCAL_35, USUAL_FOCAL_ERROR } from "./phoneLens.ts";
