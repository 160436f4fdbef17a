export type { LoadingStep, SheetMount as Lie } from "./mount.ts";
export { mountOf as lieOf, sheetOnWall } from "./mountOf.ts";
export type { Room } from "./room.ts";
