export { calibratedFocalLength, focalLengthFromExif } from "./focalLength.ts";
export { type FrameAnswer, type FrameRequest, frameIn } from "./frame.ts";
export type { PhoneAxes, PhoneModel, PicturePoint } from "./phoneModel.ts";
export { type Pose, phoneAxes } from "./pose.ts";
