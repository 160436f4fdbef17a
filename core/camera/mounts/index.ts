export type { LoadingStep, SheetMount } from "./mount.ts";
export { mountOf, sheetOnWall } from "./mountOf.ts";
export type { Room } from "./room.ts";
