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
