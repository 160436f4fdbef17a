export { calibratedFocalLength, focalLengthFromExif } from "./focalLength.ts";
export { FRAME_DEFAULTS, type FrameAnswer, type FrameRequest, frameIn } from "./frame.ts";
export { type PhoneAxes, type PhoneModel, type PicturePoint, seenAt } from "./phoneModel.ts";
export { type Pose, phoneAxes } from "./pose.ts";
