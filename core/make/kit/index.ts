export type { Hanging } from "./hangingPages.ts";
export { type KitOrder, kitPages } from "./kitPages.ts";
