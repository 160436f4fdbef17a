import { MakePage } from "../../features/make/MakePage.tsx";
import { makeMeta } from "../pageMeta.ts";

export { RouteError as ErrorBoundary } from "../frame/RouteError.tsx";

export const meta = makeMeta("Make", "Cut sheets at true size: templates, labels, exposure cards, on A4 or Letter.");

export default MakePage;
