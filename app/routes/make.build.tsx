import { BuildPage } from "../../features/make/BuildPage.tsx";
import { makeTitle } from "../makeTitle.ts";

export { RouteError as ErrorBoundary } from "../RouteError.tsx";

export const meta = makeTitle("Build");

export default BuildPage;
