export { type BenchDrawing, benchDrawing } from "./benchDrawing.ts";
export type { Handle, Pull, SnapSizes } from "./handles.ts";
export type { Layout, Viewport } from "./layout.ts";
