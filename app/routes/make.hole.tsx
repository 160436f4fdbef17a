import { HolePage } from "../../features/make/HolePage.tsx";
import { makeMeta } from "../pageMeta.ts";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = makeMeta("Hole", "The hole: with what to make it, how deep, and its size measured from a scan.");

export default HolePage;
