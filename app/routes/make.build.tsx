import { BuildPage } from "../../features/make/BuildPage.tsx";
import { makeMeta } from "../pageMeta.ts";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = makeMeta(
  "Build",
  "How to build this pinhole camera, step by step, with cautions where work can hurt.",
);

export default BuildPage;
