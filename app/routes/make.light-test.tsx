import { LightTestPage } from "../../features/make/LightTestPage.tsx";
import { makeMeta } from "../pageMeta.ts";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = makeMeta(
  "Light test",
  "Is the camera light-tight? A test by lamp and by sheet, and where it leaks.",
);

export default LightTestPage;
