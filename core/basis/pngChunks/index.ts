export { withExif, withPhysicalSize, withSrgb, withXmp } from "./pngChunks.ts";
