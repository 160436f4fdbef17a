export type { Lie, Room, Stand } from "./lie.ts";
export { lieOf, sheetOnWall } from "./lieOf.ts";
