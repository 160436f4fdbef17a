export type { Hanging } from "./hangingPages.ts";
export { type KitOrder, type KitRow, kitPages } from "./kitPages.ts";
export type { KitTexts } from "./kitText.ts";
