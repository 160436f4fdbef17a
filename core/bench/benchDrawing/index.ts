export { type BenchDrawing, benchDrawing, type Showing } from "./benchDrawing.ts";
export type { Handle, Pull, SnapSizes } from "./handles.ts";
export {
  type BenchLayout,
  LARGEST_ZOOM,
  sheetOnPage,
  type View,
  type ViewName,
  type Viewport,
  viewOn,
  WHOLE_VIEW,
} from "./layout.ts";
export { loadingDrawing } from "./loadingDrawing.ts";
export { type NearThing, nearDrawing } from "./nearDrawing.ts";
