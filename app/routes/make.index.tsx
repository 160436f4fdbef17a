import { MakePage } from "../../features/make/MakePage.tsx";
import { makeTitle } from "../makeTitle.ts";

export { RouteError as ErrorBoundary } from "../RouteError.tsx";

export const meta = makeTitle("Make");

export default MakePage;
