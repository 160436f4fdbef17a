export { type Bill, type BillRow, billOfMaterials } from "./bill.ts";
export { filledLogCard, type LogField } from "./cards.ts";
export { CHECK_BAR } from "./checkRulers.ts";
export { SHAFT } from "./insideParts.ts";
export type { CardTime, CutOrder } from "./order.ts";
export { layOut, type Page, type PageTitle, type PrintScale, TRUE_SCALE } from "./pages.ts";
export { PAPERS, type Paper } from "./paper.ts";
export type { Part } from "./part.ts";
export { cutParts } from "./parts.ts";
