export { withPhysicalSize, withSrgb } from "./pngChunks.ts";
