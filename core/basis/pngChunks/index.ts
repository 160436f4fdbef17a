export { pngOf, withExif, withPhysicalSize, withSrgb, withXmp } from "./pngChunks.ts";
