import { LightTestPage } from "../../features/make/LightTestPage.tsx";
import { makeTitle } from "../makeTitle.ts";

export { RouteError as ErrorBoundary } from "../RouteError.tsx";

export const meta = makeTitle("Light test");

export default LightTestPage;
