export type { Hanging } from "./hangingPages.ts";
export { type KitOrder, kitPages } from "./kitPages.ts";
export type { KitTexts } from "./kitText.ts";
