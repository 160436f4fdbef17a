export { layOut, type Page, type PageTitle } from "./pages.ts";
export { PAPERS, type Paper } from "./paper.ts";
export type { Part } from "./part.ts";
export { type CutOrder, cutParts } from "./parts.ts";
