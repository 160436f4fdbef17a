export type { Lie } from "./lie.ts";
export { lieOf, sheetOnWall } from "./lieOf.ts";
export type { Room } from "./room.ts";
