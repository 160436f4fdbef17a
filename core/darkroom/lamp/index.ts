export { allowedLamp, type LampAllowed, lampBorne, type SheetOut } from "./lamp.ts";
