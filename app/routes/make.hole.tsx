import { HolePage } from "../../features/make/HolePage.tsx";
import { makeTitle } from "../makeTitle.ts";

export { RouteError as ErrorBoundary } from "../RouteError.tsx";

export const meta = makeTitle("Hole");

export default HolePage;
