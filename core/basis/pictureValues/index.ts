export { fromSrgb, toSrgb } from "./srgb.ts";
