export { type BenchDrawing, benchDrawing, type Showing } from "./benchDrawing.ts";
export type { Handle, Pull, SnapSizes } from "./handles.ts";
export { type BenchLayout, type View, type Viewport, WHOLE_VIEW } from "./layout.ts";
export { loadingDrawing } from "./loadingDrawing.ts";
