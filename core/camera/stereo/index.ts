export { cameraStereo } from "./cameraStereo.ts";
export { parallax, type Stereo, type StereoSetting, stereo } from "./stereo.ts";
