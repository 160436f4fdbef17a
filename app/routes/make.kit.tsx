import { KitPage } from "../../features/make/KitPage.tsx";
import { makeMeta } from "../pageMeta.ts";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = makeMeta(
  "Group kit",
  "Papers for a group that builds this camera: shopping, packing, instructions, turns in the darkroom.",
);

export default KitPage;
