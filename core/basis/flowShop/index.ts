export { earliestStart, flowShopStarts, type Shop, type Stay, type Visit, visitsFrom } from "./flowShop.ts";
