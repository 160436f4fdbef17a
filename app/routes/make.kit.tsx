import { KitPage } from "../../features/make/KitPage.tsx";
import { makeTitle } from "../makeTitle.ts";

export { RouteError as ErrorBoundary } from "../RouteError.tsx";

export const meta = makeTitle("Group kit");

export default KitPage;
