export { type AimMove, aimMove } from "./aimBy.ts";
export { type PhoneTurn, phoneOverGround, poseFrom } from "./attitude.ts";
export { cameraFrame, type FrameLines, linesSeen } from "./cameraFrame.ts";
export { calibratedFocalLength, calibrationError } from "./focalLength.ts";
export { type FrameAnswer, type FrameRequest, frameIn, type Held, seenBy } from "./frame.ts";
export { type PhoneAxes, type PhoneModel, type PicturePoint, seenAt } from "./phoneModel.ts";
export { type Pose, phoneAxes } from "./pose.ts";
export { emptyView, type PhonePicture, type SweptView, sweepInto } from "./sweep.ts";
export { UNSEEN, type ViewInFrame, viewThrough } from "./viewThrough.ts";
