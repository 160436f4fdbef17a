export { densityByte } from "./densityByte.ts";
export { luminanceOf } from "./luminance.ts";
export { fromSrgb, toSrgb } from "./srgb.ts";
export { type Encoded, encodedBy, lightOfNumber, type ToneCurve } from "./toneCurve.ts";
