export type { Lie, LoadingStep } from "./lie.ts";
export { lieOf, sheetOnWall } from "./lieOf.ts";
export type { Room } from "./room.ts";
