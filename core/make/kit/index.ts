export { type KitOrder, kitPages } from "./kitPages.ts";
